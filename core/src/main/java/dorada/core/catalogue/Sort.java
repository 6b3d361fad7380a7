package dorada.core.catalogue;

import dorada.core.outcome.OutcomeId;

/** What a name of the catalogue is the name of. */
public enum Sort implements OutcomeId {
    CUSTOMER,
    /** A vehicle, a boat, a mast: known by its fleet number or its place, and one customer's. */
    CARRIED_BY,
    /** A whip, a rod, a beam as it is bought. */
    ANTENNA,
    /** What it is screwed or stuck onto. */
    BASE,
    /** A line of the shop's, cut and with its connectors. */
    FEEDLINE,
    /** What stands between two connectors that do not fit. */
    ADAPTER;

    /** Whether two of the same name may be two things, because they are of two customers. */
    public boolean isOfACustomer() {
        return this == CARRIED_BY;
    }

    @Override
    public String area() {
        return "catalogueSort";
    }
}
