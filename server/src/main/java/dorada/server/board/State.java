package dorada.server.board;

/** How far along the road an installation is. */
enum State {
    PLANNED,
    TUNING,
    /** The rule is met; nothing is tight and sealed yet. */
    MET,
    READY,
    SIGNED_OFF,
    SIGNED_OFF_BY_JUDGEMENT
}
