package dorada.server.installation;

/** Why somebody works on an installation. */
public enum VisitPurpose {
    FITTING,
    RETUNING,
    RECHECK,
    REPAIR
}
