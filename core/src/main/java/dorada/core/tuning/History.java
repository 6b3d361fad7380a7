package dorada.core.tuning;

import dorada.core.acceptance.WantedChannel;
import java.util.ArrayList;
import java.util.List;

/**
 * What of all passes is about the job as it stands: those since somebody last looked for a fault, without looks at something
 * else, and with what was read on several channels one after the other, untouched, taken together.
 */
final class History {

    private final List<Pass> passes;
    private final List<List<WantedChannel>> unread;
    private final boolean isUnreadSinceTheChange;

    private History(List<Pass> passes, List<List<WantedChannel>> unread, boolean isUnreadSinceTheChange) {
        this.passes = passes;
        this.unread = unread;
        this.isUnreadSinceTheChange = isUnreadSinceTheChange;
    }

    /** @param all oldest first, at least one */
    static History of(List<Pass> all, List<WantedChannel> channels) {
        List<Pass> state = sinceTheLastLook(all);
        List<Pass> own = ofTheJob(state, channels);
        List<List<WantedChannel>> unread = WantedChannel.bands(channels).stream()
                .filter(band -> sinceTheLastChange(own).stream().noneMatch(p -> p.readsBand(band)))
                .toList();
        return new History(merged(own), unread, own != state && isChangedSince(state, channels));
    }

    private static List<Pass> sinceTheLastLook(List<Pass> all) {
        int from = 0;
        for (int i = 1; i < all.size(); i++) {
            from = all.get(i).lookedOver() ? i : from;
        }
        return all.subList(from, all.size());
    }

    /** Without looks beside the job; their changes count for what was read after them. */
    private static List<Pass> ofTheJob(List<Pass> passes, List<WantedChannel> channels) {
        if (passes.stream().noneMatch(p -> isOfTheJob(p, channels))) {
            return passes;
        }
        List<Pass> own = new ArrayList<>();
        double change = 0;
        double second = 0;
        for (Pass p : passes) {
            change += p.changeM();
            second += p.secondChangeM();
            if (isOfTheJob(p, channels)) {
                own.add(p.after(change, second));
                change = 0;
                second = 0;
            }
        }
        return own;
    }

    /** A sweep of a wanted channel, or a reading on one or beside one. */
    private static boolean isOfTheJob(Pass p, List<WantedChannel> channels) {
        return channels.stream().anyMatch(p::reads)
                || !p.isSwept()
                        && WantedChannel.bands(channels).stream()
                                .anyMatch(band -> p.about(band).isPresent());
    }

    /** Whether something was changed after the last pass of the job, when only something else was looked at. */
    private static boolean isChangedSince(List<Pass> all, List<WantedChannel> channels) {
        boolean changed = false;
        for (Pass p : all) {
            changed = !isOfTheJob(p, channels) && (changed || !p.isUnchanged());
        }
        return changed;
    }

    private static List<Pass> sinceTheLastChange(List<Pass> passes) {
        int from = 0;
        for (int i = 1; i < passes.size(); i++) {
            from = passes.get(i).isUnchanged() ? from : i;
        }
        return passes.subList(from, passes.size());
    }

    /** Untouched readings of other channels complete those before. */
    private static List<Pass> merged(List<Pass> passes) {
        List<Pass> merged = new ArrayList<>();
        for (Pass p : passes) {
            Pass before = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (before != null && p.completes(before)) {
                merged.set(merged.size() - 1, before.with(p));
            } else {
                merged.add(p);
            }
        }
        return merged;
    }

    /** Oldest first, at least one. */
    List<Pass> passes() {
        return passes;
    }

    Pass last() {
        return passes.get(passes.size() - 1);
    }

    /** Bands of which nobody has read anything since the last change. */
    List<List<WantedChannel>> unread() {
        return unread;
    }

    /** True where something was changed since any wanted channel was read. */
    boolean isUnreadSinceTheChange() {
        return isUnreadSinceTheChange;
    }
}
