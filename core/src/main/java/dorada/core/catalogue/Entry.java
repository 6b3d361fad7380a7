package dorada.core.catalogue;

import java.util.List;
import java.util.Locale;

/**
 * One name, and what there is to know of it.
 *
 * @param customer whose it is, by name; empty where it is nobody's
 * @param detail such as a surface, a size, where it is bought
 */
public record Entry(Sort sort, String name, String customer, String detail) {

    /** Whitespace at the ends is nobody's intention; what is of no customer has none. */
    public Entry {
        name = name.strip();
        customer = sort.isOfACustomer() ? customer.strip() : "";
        detail = detail.strip();
    }

    /** Whether both name the same thing, in any case. */
    public boolean isSameAs(Entry other) {
        return key().equals(other.key());
    }

    /** The same for all that {@link #isSameAs} this one. */
    public List<String> key() {
        return List.of(sort.name(), name.toLowerCase(Locale.ROOT), customer.toLowerCase(Locale.ROOT));
    }
}
