package dorada.server.installation;

import dorada.core.catalogue.Entry;
import java.util.List;

/** What {@code installations} alike name. */
record NamesRow(
        String customer,
        String carriedBy,
        String antennaName,
        String baseName,
        String feedlineName,
        String adapterName,
        long installations) {

    List<Entry> named() {
        return Installation.named(customer, carriedBy, antennaName, baseName, feedlineName, adapterName);
    }
}
