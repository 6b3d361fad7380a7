package dorada.server.problem;

import dorada.core.outcome.Outcome;
import dorada.server.words.Words;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ElementKind;
import jakarta.validation.Path;
import jakarta.validation.Validator;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import jakarta.validation.metadata.BeanDescriptor;
import jakarta.validation.metadata.ConstraintDescriptor;
import jakarta.validation.metadata.ContainerDescriptor;
import jakarta.validation.metadata.ElementDescriptor;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.util.ClassUtils;

/** What a constraint found, as an outcome of {@link Wrong} with the bounds that its value has. */
@Component
public final class WrongValues {

    private static final String LOW = "low";
    private static final String COUNT = "Count";
    private static final Set<Class<?>> LOWEST = Set.of(DecimalMin.class, Min.class);
    private static final Set<Class<?>> HIGHEST = Set.of(DecimalMax.class, Max.class);

    private final Validator validator;

    WrongValues(Validator validator) {
        this.validator = validator;
    }

    /** In English words. */
    public String sentence(ConstraintViolation<?> violation) {
        return outcome(violation).map(Words.ENGLISH::sentence).orElse(violation.getMessage());
    }

    /** Empty where the constraint's message is none of {@link Wrong}. */
    public Optional<Outcome> outcome(ConstraintViolation<?> violation) {
        return of(violation.getMessage())
                .map(wrong -> wrong.of(wrong.takes().stream()
                        .map(name -> bound(name, beside(violation)))
                        .toArray()));
    }

    /** By a constraint's message, <code>{wrong.NAME}</code>. */
    static Optional<Wrong> of(String message) {
        String prefix = "{" + Wrong.NEEDED.area() + ".";
        return message.startsWith(prefix)
                ? Optional.of(Wrong.valueOf(message.substring(prefix.length(), message.length() - 1)))
                : Optional.empty();
    }

    /** @throws IllegalStateException where no constraint says it */
    static Object bound(String name, Set<ConstraintDescriptor<?>> constraints) {
        boolean isLow = name.startsWith(LOW);
        for (ConstraintDescriptor<?> c : constraints) {
            Class<?> kind = c.getAnnotation().annotationType();
            Map<String, Object> says = c.getAttributes();
            Object bound = kind == Size.class
                    ? says.get(isLow ? "min" : "max")
                    : (isLow ? LOWEST : HIGHEST).contains(kind) ? says.get("value") : null;
            if (bound != null) {
                double value = Double.parseDouble(bound.toString());
                return name.endsWith(COUNT) ? (Object) (int) value : (Object) value;
            }
        }
        throw new IllegalStateException("No constraint says " + name + ".");
    }

    /** All constraints of the value that was refused. */
    private Set<ConstraintDescriptor<?>> beside(ConstraintViolation<?> violation) {
        List<Path.Node> path = new ArrayList<>();
        violation.getPropertyPath().forEach(path::add);
        int last = path.size() - 1;
        boolean isInside = path.get(last).getKind() == ElementKind.CONTAINER_ELEMENT;
        ElementDescriptor element = element(violation, path, isInside ? last - 1 : last);
        return (isInside
                        ? ((ContainerDescriptor) element)
                                .getConstrainedContainerElementTypes()
                                .iterator()
                                .next()
                        : element)
                .getConstraintDescriptors();
    }

    private ElementDescriptor element(ConstraintViolation<?> violation, List<Path.Node> path, int at) {
        BeanDescriptor bean = validator.getConstraintsForClass(
                ClassUtils.getUserClass(violation.getLeafBean().getClass()));
        Path.Node node = path.get(at);
        if (node.getKind() == ElementKind.PARAMETER) {
            Path.MethodNode method = path.get(at - 1).as(Path.MethodNode.class);
            return bean.getConstraintsForMethod(
                            method.getName(), method.getParameterTypes().toArray(Class<?>[]::new))
                    .getParameterDescriptors()
                    .get(node.as(Path.ParameterNode.class).getParameterIndex());
        }
        return bean.getConstraintsForProperty(node.getName());
    }
}
