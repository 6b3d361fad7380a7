package dorada.server.installation;

import dorada.core.history.Happened;
import dorada.core.history.PlanField;
import dorada.core.history.PlanValue;
import dorada.core.line.Feedline;
import dorada.core.outcome.Outcome;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** What a person changed of a plan, part by part and in the order of the form. */
final class PlanChanges {

    /** One part of a plan, and what it holds; empty where nothing was said. */
    private record Part(PlanField field, Function<InstallationRequest, Optional<Outcome>> holds) {}

    private final List<Part> parts;

    /** @param radioName of the shop's radio with that id; empty for one that is gone */
    PlanChanges(Function<UUID, Optional<String>> radioName) {
        parts = List.of(
                new Part(PlanField.TITLE, p -> text(p.title())),
                new Part(PlanField.CUSTOMER, p -> text(p.customer())),
                new Part(PlanField.CARRIER, p -> Optional.of(new Outcome("fittedTo." + p.carrier(), Map.of()))),
                new Part(PlanField.CARRIED_BY, p -> text(p.carriedBy())),
                new Part(PlanField.CARRIER_DETAIL, p -> text(p.carrierDetail())),
                new Part(
                        PlanField.ANTENNA_KIND, p -> Optional.of(p.antennaKind().words())),
                new Part(PlanField.ANTENNA_NAME, p -> text(p.antennaName())),
                new Part(PlanField.BASE_NAME, p -> text(p.baseName())),
                new Part(PlanField.ANTENNA_DETAIL, p -> text(p.antennaDetail())),
                new Part(
                        PlanField.ONE_WAY, p -> Optional.of((p.oneWay() ? PlanValue.CUTTING : PlanValue.SLIDING).of())),
                new Part(PlanField.SMALLEST_STEP_M, p -> length(p.smallestStepM())),
                new Part(PlanField.START_LENGTH_M, p -> length(p.startLengthM())),
                new Part(PlanField.SHORTEST_LENGTH_M, p -> length(p.shortestLengthM())),
                new Part(PlanField.LONGEST_LENGTH_M, p -> length(p.longestLengthM())),
                new Part(PlanField.RATED_POWER_W, p -> Optional.of(PlanValue.POWER.of(p.ratedPowerW()))),
                new Part(PlanField.SWR_CEILING, p -> Optional.of(PlanValue.SWR.of(p.swrCeiling()))),
                new Part(PlanField.RULE_NAME, p -> Optional.of(new Outcome("ruleName." + p.ruleName(), Map.of()))),
                new Part(PlanField.LIMIT_SWR, p -> Optional.of(PlanValue.SWR.of(p.limitSwr()))),
                new Part(PlanField.MEASURED_AT, p -> Optional.of(new Outcome("plane." + p.measuredAt(), Map.of()))),
                new Part(PlanField.FEEDLINE_NAME, p -> text(p.feedlineName())),
                new Part(PlanField.ADAPTER_NAME, p -> text(p.adapterName())),
                new Part(
                        PlanField.FEEDLINE_TYPE,
                        p -> Optional.ofNullable(p.feedlineType())
                                .flatMap(Feedline::byId)
                                .map(Feedline::words)),
                new Part(
                        PlanField.FEEDLINE_LENGTH_M,
                        p -> Optional.ofNullable(p.feedlineLengthM()).map(PlanValue.LINE_LENGTH::of)),
                new Part(
                        PlanField.RADIO_ID,
                        p -> Optional.ofNullable(p.radioId())
                                .map(id -> radioName
                                        .apply(id)
                                        .map(PlanValue.TEXT::of)
                                        .orElse(PlanValue.A_RADIO.of()))));
    }

    /** From one plan to the next; empty where they say the same. */
    List<Outcome> between(InstallationRequest before, InstallationRequest after) {
        List<Outcome> changes = new ArrayList<>();
        for (Part part : parts) {
            change(part.field, part.holds.apply(before), part.holds.apply(after))
                    .ifPresent(changes::add);
        }
        changes.addAll(changes(
                PlanField.CHANNELS,
                before.channels(),
                after.channels(),
                c -> c.name() + " " + c.frequencyHz(),
                PlanChanges::inShort,
                PlanChanges::inFull));
        changes.addAll(changes(
                PlanField.OTHER_RADIOS,
                before.radios(),
                after.radios(),
                OtherRadio::name,
                PlanChanges::inFull,
                PlanChanges::inFull));
        return changes;
    }

    private static Optional<Outcome> change(PlanField field, Optional<Outcome> before, Optional<Outcome> after) {
        if (before.equals(after)) {
            return Optional.empty();
        }
        return Optional.of(
                before.isEmpty()
                        ? Happened.FILLED_IN.of(field, after.get())
                        : after.isEmpty()
                                ? Happened.EMPTIED.of(field, before.get())
                                : Happened.CHANGED.of(field, before.get(), after.get()));
    }

    /** Of a list: what came, what went, of what other things are said, and whether what stayed stands in another order. */
    private static <T> List<Outcome> changes(
            PlanField field,
            List<T> before,
            List<T> after,
            Function<T, String> known,
            Function<T, Outcome> inShort,
            Function<T, Outcome> inFull) {
        Map<String, T> then = byName(before, known);
        Map<String, T> now = byName(after, known);
        List<Outcome> changes = new ArrayList<>();
        List<Outcome> came = now.entrySet().stream()
                .filter(e -> !then.containsKey(e.getKey()))
                .map(e -> inShort.apply(e.getValue()))
                .toList();
        List<Outcome> went = then.entrySet().stream()
                .filter(e -> !now.containsKey(e.getKey()))
                .map(e -> inShort.apply(e.getValue()))
                .toList();
        if (!came.isEmpty()) {
            changes.add(Happened.ADDED.of(field, came));
        }
        if (!went.isEmpty()) {
            changes.add(Happened.TAKEN_OUT.of(field, went));
        }
        now.forEach((name, value) -> {
            T was = then.get(name);
            if (was != null && !was.equals(value)) {
                changes.add(Happened.SAID_OTHERWISE.of(field, inFull.apply(was), inFull.apply(value)));
            }
        });
        if (changes.isEmpty() && !List.copyOf(then.keySet()).equals(List.copyOf(now.keySet()))) {
            changes.add(Happened.REORDERED.of(field));
        }
        return changes;
    }

    private static <T> Map<String, T> byName(List<T> all, Function<T, String> known) {
        Map<String, T> byName = new LinkedHashMap<>();
        // Two alike in all that they are known by are told apart by which comes first.
        all.forEach(t -> {
            String name = known.apply(t);
            while (byName.containsKey(name)) {
                name += "'";
            }
            byName.put(name, t);
        });
        return byName;
    }

    private static Outcome inShort(Channel c) {
        return PlanValue.CHANNEL.of(c.name(), c.frequencyHz());
    }

    private static Outcome inFull(Channel c) {
        return (c.primary() ? PlanValue.MAIN_CHANNEL_IN_FULL : PlanValue.CHANNEL_IN_FULL)
                .of(c.name(), c.frequencyHz(), PlanValue.valueOf(c.use().name()), c.weight());
    }

    private static Outcome inFull(OtherRadio r) {
        return PlanValue.RADIO.of(r.name(), r.ratedPowerW(), r.swrCeiling());
    }

    private static Optional<Outcome> text(String text) {
        return text == null || text.isEmpty() ? Optional.empty() : Optional.of(PlanValue.TEXT.of(text));
    }

    private static Optional<Outcome> length(Double lengthM) {
        return Optional.ofNullable(lengthM).map(PlanValue.LENGTH::of);
    }
}
