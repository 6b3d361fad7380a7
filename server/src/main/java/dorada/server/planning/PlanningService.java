package dorada.server.planning;

import dorada.core.line.Feedline;
import dorada.core.line.LineEffect;
import dorada.core.planning.Alternatives;
import dorada.core.planning.Exposure;
import dorada.core.planning.Exposure.Group;
import dorada.core.planning.PowerChain;
import dorada.core.planning.PowerChain.Result;
import dorada.core.planning.PowerChain.Stage;
import dorada.core.planning.PowerChain.Warning;
import dorada.core.planning.Reach;
import dorada.core.safety.Cautions;
import dorada.core.safety.Situation;
import dorada.core.safety.Situation.Transmit;
import dorada.server.planning.StationAnswer.DistanceView;
import dorada.server.planning.StationAnswer.LinkView;
import dorada.server.planning.StationAnswer.StageView;
import dorada.server.planning.StationAnswer.StepView;
import dorada.server.planning.StationAnswer.WayAnswer;
import dorada.server.words.OutcomeView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Puts core's parts of a station plan together. */
@Service
class PlanningService {

    StationAnswer station(StationPlan plan) {
        List<PowerChain> chains = IntStream.range(0, plan.alternatives().size())
                .mapToObj(i -> plan.alternatives().get(i).chain(i))
                .toList();
        List<WayAnswer> ways = IntStream.range(0, chains.size())
                .mapToObj(i -> way(plan, i, chains))
                .toList();
        double most = chains.stream().mapToDouble(PowerChain::ratedW).max().orElse(0);
        return new StationAnswer(
                OutcomeView.of(Alternatives.best(ways.stream()
                        .map(w -> new Alternatives.Way(w.name(), w.erpW()))
                        .toList())),
                ways,
                plan.totalHeightM() > 0 ? Cautions.powerLineDistanceM(plan.totalHeightM()) : null,
                PowerChain.CONNECTOR_DB,
                OutcomeView.of(Cautions.of(Situation.station(
                        Optional.ofNullable(plan.carrier()),
                        plan.totalHeightM(),
                        most,
                        plan.atBody(),
                        transmits(plan, ways)))));
    }

    /** By the same rule as on the bench: what the radio's own limit allows into what it sees. */
    private static List<Transmit> transmits(StationPlan plan, List<WayAnswer> ways) {
        return IntStream.range(0, ways.size())
                .mapToObj(i -> {
                    StationPlan.Way w = plan.alternatives().get(i);
                    double swr = ways.get(i).swrAtRadio();
                    return Transmit.into(ways.size() > 1 ? w.name() : "", swr, w.ceilingSwr(), w.ratedW());
                })
                // That it folds back above its own limit is said beside its power.
                .filter(t -> !t.limit().allowed())
                .toList();
    }

    private static WayAnswer way(StationPlan plan, int index, List<PowerChain> chains) {
        double hz = plan.frequencyHz();
        Result r = chains.get(index).at(hz);
        PowerChain.Spread spread = chains.get(index).spread(hz);
        return new WayAnswer(
                plan.alternatives().get(index).name(),
                r.stages().stream().map(PlanningService::view).toList(),
                r.foldedBack(),
                r.sentW(),
                r.atAntennaW(),
                r.eirpW(),
                r.erpW(),
                r.receiveDb(),
                r.stages().get(0).swr(),
                spread.lowSwr(),
                spread.highSwr(),
                r.stages().stream().mapToDouble(Stage::matchedLossDb).sum(),
                r.stages().stream().mapToDouble(Stage::mismatchLossDb).sum(),
                warnings(plan, index, r, spread),
                index == 0
                        ? List.of()
                        : Alternatives.worth(chains.get(0), chains.get(index), hz).stream()
                                .map(s -> new StepView(
                                        OutcomeView.phrase(s.what()),
                                        PowerChain.erpOfEirpW(s.eirpW()),
                                        s.gainDb(),
                                        s.receiveGainDb()))
                                .toList(),
                distance(plan, Group.PUBLIC, r),
                distance(plan, Group.OCCUPATIONAL, r),
                plan.stations().stream()
                        .map(s -> link(
                                s,
                                Reach.to(
                                        hz,
                                        r.eirpW(),
                                        plan.ownHeightM(),
                                        s.distanceM(),
                                        s.heightM(),
                                        s.gainDbi(),
                                        s.neededDbm())))
                        .toList());
    }

    /** Below this nobody needs a tuner. */
    private static final double NO_CURE_SWR = 1.5;

    private static List<OutcomeView> warnings(StationPlan plan, int index, Result r, PowerChain.Spread spread) {
        StationPlan.Way way = plan.alternatives().get(index);
        List<OutcomeView> all = new ArrayList<>();
        if (r.foldedBack()) {
            all.add(OutcomeView.of(Warning.FOLDS_BACK.of()));
        } else if (spread.mayFoldBack()) {
            all.add(OutcomeView.of(Warning.MAY_FOLD_BACK.of(spread.highSwr())));
        }
        double atAntenna = r.stages().get(r.stages().size() - 1).swr();
        if (way.tunerLossDb() != null) {
            Stage onTheLine = r.stages().get(1);
            double extraDb =
                    r.stages().stream().mapToDouble(Stage::mismatchLossDb).sum();
            if (atAntenna > NO_CURE_SWR) {
                all.add(OutcomeView.of(Warning.TUNER_IS_NO_CURE.of(
                        atAntenna, onTheLine.swr(), extraDb, r.atAntennaW(), way.ratedW())));
            }
        } else if (LineEffect.hides(atAntenna, spread.highSwr())) {
            all.add(OutcomeView.of(Warning.HIDES.of(spread.highSwr(), atAntenna)));
        }
        for (Stage stage : r.stages()) {
            String id = switch (stage.name()) {
                case LINE -> way.line();
                case JUMPER -> way.jumper();
                default -> "";
            };
            Feedline.byId(id)
                    .filter(f -> stage.forwardW() * plan.duty() > f.powerW(plan.frequencyHz()))
                    .ifPresent(f -> all.add(OutcomeView.of(
                            Warning.TOO_WARM.of(stage.name(), f.words(), f.powerW(plan.frequencyHz())))));
        }
        return all;
    }

    private static DistanceView distance(StationPlan plan, Group group, Result r) {
        Exposure.Distance d = Exposure.distance(
                group, plan.frequencyHz(), r.eirpW(), plan.duty(), plan.ground(), plan.largestM(), plan.atBody());
        return new DistanceView(
                d.distanceM().orElse(null), d.reason().map(OutcomeView::of).orElse(null), d.limitMwPerCm2());
    }

    private static LinkView link(StationPlan.Station s, Reach.Link l) {
        return new LinkView(s.name(), l.horizonM(), l.inSight(), l.receivedDbm(), l.marginDb());
    }

    private static StageView view(Stage s) {
        return new StageView(
                OutcomeView.phrase(s.name()),
                s.netW(),
                s.forwardW(),
                s.reflectedW(),
                s.swr(),
                s.matchedLossDb(),
                s.mismatchLossDb());
    }
}
