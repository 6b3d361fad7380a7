package dorada.server.tuning;

import dorada.core.sweep.Trace;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.Length;

/** What a pass says by one plan and one build of the program: worked out once, and again where either is another. */
@Entity
@Table(name = "pass_judgement")
class SavedJudgement {

    @Id
    private UUID passId;

    private long planVersion;
    private String program;
    private boolean met;
    private Double worstSwr;
    private Double dipHz;
    private boolean dipAtEdge;
    private String fault;

    @Column(length = Length.LONG32)
    private byte[] outline;

    @Column(length = Length.LONG32)
    private byte[] says;

    protected SavedJudgement() {}

    /**
     * @param fault that was to be looked for after it, as an outcome's id
     * @param says what the page of the installation shows, packed by {@link PackedView}
     */
    SavedJudgement(
            TuningPass pass, long planVersion, String program, Judgement j, Optional<String> fault, byte[] says) {
        this.passId = pass.id();
        this.planVersion = planVersion;
        this.program = program;
        InBrief s = InBrief.of(j);
        this.met = s.met();
        this.worstSwr = Double.isFinite(s.worstSwr()) ? s.worstSwr() : null;
        this.dipHz = s.dipHz();
        this.dipAtEdge = s.dipAtEdge();
        this.outline = encode(s.outline());
        this.fault = fault.orElse(null);
        this.says = says.clone();
    }

    UUID passId() {
        return passId;
    }

    boolean isOf(long plan, String build) {
        return planVersion == plan && program.equals(build);
    }

    InBrief inInBrief() {
        return new InBrief(
                met, worstSwr == null ? Double.POSITIVE_INFINITY : worstSwr, dipHz, dipAtEdge, decode(outline));
    }

    private static byte[] encode(Trace trace) {
        ByteBuffer bytes = ByteBuffer.allocate(trace.frequencyHz().length * 2 * Double.BYTES);
        for (int i = 0; i < trace.frequencyHz().length; i++) {
            bytes.putDouble(trace.frequencyHz()[i]).putDouble(trace.returnLossDb()[i]);
        }
        return bytes.array();
    }

    private static Trace decode(byte[] bytes) {
        int n = bytes.length / (2 * Double.BYTES);
        ByteBuffer from = ByteBuffer.wrap(bytes);
        double[] hz = new double[n];
        double[] db = new double[n];
        for (int i = 0; i < n; i++) {
            hz[i] = from.getDouble();
            db[i] = from.getDouble();
        }
        return new Trace(hz, db);
    }
}
