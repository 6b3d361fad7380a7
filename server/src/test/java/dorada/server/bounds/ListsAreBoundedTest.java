package dorada.server.bounds;

import static org.assertj.core.api.Assertions.assertThat;

import dorada.server.ApiTest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.GenericArrayType;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every list that a request may hold says how long it may be, however deep it lies. */
class ListsAreBoundedTest extends ApiTest {

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    @Test
    void everyListOfEveryRequest() {
        Set<Class<?>> bodies = new HashSet<>();
        mapping.getHandlerMethods().values().forEach(method -> {
            for (MethodParameter p : method.getMethodParameters()) {
                if (p.hasParameterAnnotation(RequestBody.class) || p.hasParameterAnnotation(ModelAttribute.class)) {
                    bodies.add(p.getParameterType());
                }
            }
        });
        assertThat(bodies).hasSizeGreaterThan(20);
        Set<String> unbounded = new TreeSet<>();
        Set<Class<?>> seen = new HashSet<>();
        bodies.forEach(b -> look(b, seen, unbounded));
        assertThat(seen).hasSizeGreaterThan(bodies.size());
        assertThat(unbounded).isEmpty();
    }

    private static void look(Type type, Set<Class<?>> seen, Set<String> unbounded) {
        if (type instanceof ParameterizedType p) {
            for (Type inner : p.getActualTypeArguments()) {
                look(inner, seen, unbounded);
            }
        } else if (type instanceof GenericArrayType a) {
            look(a.getGenericComponentType(), seen, unbounded);
        } else if (type instanceof Class<?> c && c.isArray()) {
            look(c.getComponentType(), seen, unbounded);
        } else if (type instanceof Class<?> c && c.isSealed()) {
            for (Class<?> permitted : c.getPermittedSubclasses()) {
                look(permitted, seen, unbounded);
            }
        } else if (type instanceof Class<?> c && c.isRecord() && c.getName().startsWith("dorada.") && seen.add(c)) {
            for (RecordComponent component : c.getRecordComponents()) {
                if (isList(component.getType()) && !isBounded(c, component)) {
                    unbounded.add(c.getSimpleName() + "." + component.getName());
                }
                if (holdsLists(component.getGenericType()) && !isLookedInto(c, component)) {
                    unbounded.add(c.getSimpleName() + "." + component.getName() + " is not looked into: @Valid");
                }
                look(component.getGenericType(), seen, unbounded);
            }
        }
    }

    /** A record of ours that holds lists, or a list of such: their limits are asked only where it is marked. */
    private static boolean holdsLists(Type type) {
        if (type instanceof ParameterizedType p) {
            return holdsLists(p.getActualTypeArguments()[0]);
        }
        return type instanceof Class<?> c
                && c.isRecord()
                && c.getName().startsWith("dorada.server.")
                && Arrays.stream(c.getRecordComponents())
                        .anyMatch(r -> isList(r.getType()) || holdsLists(r.getGenericType()));
    }

    private static boolean isLookedInto(Class<?> record, RecordComponent component) {
        try {
            var type = record.getDeclaredField(component.getName()).getAnnotatedType();
            return type.isAnnotationPresent(Valid.class)
                    || record.getDeclaredField(component.getName()).isAnnotationPresent(Valid.class)
                    || type instanceof AnnotatedParameterizedType p
                            && p.getAnnotatedActualTypeArguments()[0].isAnnotationPresent(Valid.class);
        } catch (NoSuchFieldException e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean isList(Class<?> type) {
        return type.isArray() || Collection.class.isAssignableFrom(type) || Map.class.isAssignableFrom(type);
    }

    private static boolean isBounded(Class<?> record, RecordComponent component) {
        try {
            Size size = record.getDeclaredField(component.getName()).getAnnotation(Size.class);
            // A set of names is as long as there are names.
            return size != null && size.max() < Integer.MAX_VALUE || isSetOfNames(component.getGenericType());
        } catch (NoSuchFieldException e) {
            throw new IllegalStateException(e);
        }
    }

    private static boolean isSetOfNames(Type type) {
        return type instanceof ParameterizedType p
                && Set.class.isAssignableFrom((Class<?>) p.getRawType())
                && p.getActualTypeArguments()[0] instanceof Class<?> c
                && c.isEnum();
    }
}
