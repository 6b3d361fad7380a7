package dorada.server.people;

/** What a person of the shop may do. */
public enum Role {
    /** Reads and exports. */
    VIEWER,
    /** Also records, tunes and signs off. */
    TECHNICIAN,
    /** Also looks after people, instruments and archives. */
    LEAD
}
