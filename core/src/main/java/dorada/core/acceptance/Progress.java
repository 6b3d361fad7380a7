package dorada.core.acceptance;

/** How far along the road an installation is. */
public enum Progress {
    /** Nothing of the antenna that stays was read yet; the old one is no more than a reference. */
    PLANNED,
    /** The rule is missed, or nobody has read yet what a new visit found: it may have moved. */
    TUNING,
    /** The rule is met; nothing is tight and sealed yet. */
    MET,
    READY,
    SIGNED_OFF,
    SIGNED_OFF_BY_JUDGEMENT;

    /**
     * Of one that is not signed off.
     *
     * @param met whether the newest reading of the antenna that stays is of this visit and meets the rule
     * @param proven whether that was taken with everything tight and sealed (tightening moves the dip), or nothing was loosened
     */
    public static Progress afterReading(boolean met, boolean proven) {
        return !met ? TUNING : proven ? READY : MET;
    }

    /** @param byJudgement for a reason, and not by the rule */
    public static Progress signedOff(boolean byJudgement) {
        return byJudgement ? SIGNED_OFF_BY_JUDGEMENT : SIGNED_OFF;
    }
}
