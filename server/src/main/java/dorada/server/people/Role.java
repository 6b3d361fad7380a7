package dorada.server.people;

/** What a person of the shop may do. */
public enum Role {
    /** Reads and exports. */
    VIEWER,
    /** Also records, tunes and signs off. */
    TECHNICIAN,
    /** Also adds people and reopens what was signed off. */
    LEAD
}
