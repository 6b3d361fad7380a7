package dorada.core.book;

import dorada.core.antenna.AntennaKind;
import dorada.core.antenna.Carrier;
import java.util.Optional;
import java.util.Set;

/**
 * Of which installations something holds that the shop learnt: of all that have everything that is given.
 *
 * @param mount words that all stand in what it is fitted to, in any case, with or without accents; none for any
 * @param part words that all stand in its mount or in which antenna it is; none for any
 */
public record Scope(Optional<AntennaKind> kind, Optional<Carrier> carrier, String mount, String part) {

    /** Whether anything is given: what holds of everything is no lesson, and would stand on every page. */
    public boolean isGiven() {
        return kind.isPresent()
                || carrier.isPresent()
                || !Traits.words(mount).isEmpty()
                || !Traits.words(part).isEmpty();
    }

    public boolean holdsOf(Traits traits) {
        Set<String> mounted = Traits.words(traits.mount());
        Set<String> all = Traits.words(traits.mount() + " " + traits.antenna());
        return kind.filter(k -> k != traits.kind()).isEmpty()
                && carrier.filter(c -> c != traits.carrier()).isEmpty()
                && mounted.containsAll(Traits.words(mount))
                && all.containsAll(Traits.words(part));
    }

    /** How many things are given: what holds of fewer is said first. */
    public int closeness() {
        return (kind.isPresent() ? 1 : 0)
                + (carrier.isPresent() ? 1 : 0)
                + Traits.words(mount).size()
                + Traits.words(part).size();
    }
}
