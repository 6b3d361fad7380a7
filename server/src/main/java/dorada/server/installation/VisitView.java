package dorada.server.installation;

import dorada.core.ready.Method;
import dorada.core.ready.Readiness;
import dorada.core.ready.ReadyStep;
import dorada.core.tuning.Circumstance;
import dorada.server.words.OutcomeView;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * One time that someone worked on an installation.
 *
 * @param number counted from 1; each pass names the one that it belongs to
 * @param ready absent where nobody answered
 * @param signOff what ended it; absent while it is open
 */
public record VisitView(
        @NotNull UUID id,
        @NotNull int number,
        @NotNull VisitPurpose purpose,
        @NotNull String why,
        @NotNull String openedBy,
        @NotNull Instant openedAt,
        ReadyView ready,
        SignOffView signOff) {

    /**
     * What was answered before the first reading.
     *
     * @param openCount questions without an answer
     * @param circumstances that every reading has until then
     */
    public record ReadyView(
            @NotNull Method method,
            @NotNull Map<ReadyStep, Readiness.Answer> answers,
            @NotNull Readiness.State state,
            @NotNull int openCount,
            @NotNull Set<Circumstance> circumstances,
            @NotNull String by,
            @NotNull Instant at) {

        static ReadyView of(Visit v, Readiness r) {
            return new ReadyView(
                    r.method(),
                    v.readyAnswers(),
                    r.state(),
                    r.open().size(),
                    r.circumstances(),
                    v.readyBy().displayName(),
                    v.readyAt().orElseThrow());
        }
    }

    /**
     * Who ended it, when, on which pass, by which rule and why.
     *
     * @param rule absent in one of before it was stored
     * @param worstSwr likewise
     * @param finding against the sign-off before; absent where nothing was compared
     * @param parts numbered from 1 in this order
     * @param recheckBy the day on which it is looked at again
     */
    public record SignOffView(
            @NotNull String by,
            @NotNull Instant at,
            @NotNull int passNumber,
            @NotNull String remark,
            String reason,
            Double limitW,
            LocalDate due,
            Double costDb,
            OutcomeView rule,
            Double worstSwr,
            OutcomeView finding,
            String mendedBy,
            String returnedBy,
            @NotNull List<SignedPart> parts,
            @NotNull LocalDate recheckBy) {

        static SignOffView of(SignOff s) {
            SignOff.Terms t = s.terms();
            return new SignOffView(
                    s.signedBy().displayName(),
                    s.signedAt(),
                    t.passNumber(),
                    t.remark(),
                    t.reason(),
                    t.limitW(),
                    t.due(),
                    t.costDb(),
                    s.rule().map(r -> OutcomeView.of(r.outcome())).orElse(null),
                    t.worstSwr(),
                    t.finding() == null ? null : OutcomeView.phrase(t.finding()),
                    t.mendedBy(),
                    t.returnedBy(),
                    t.parts(),
                    s.recheckBy(ZoneId.systemDefault()));
        }
    }

    public static VisitView of(Visit v) {
        return new VisitView(
                v.id(),
                v.number(),
                v.purpose(),
                v.why(),
                v.openedBy().displayName(),
                v.openedAt(),
                v.readiness().map(r -> ReadyView.of(v, r)).orElse(null),
                v.signOff().map(SignOffView::of).orElse(null));
    }
}
