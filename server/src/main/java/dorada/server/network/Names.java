package dorada.server.network;

import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;

/** Under which names and addresses this machine is reached. */
record Names(Set<String> hosts, Set<String> addresses) {

    static Names ofTheMachine() throws IOException {
        Set<String> hosts = new LinkedHashSet<>();
        hosts.add("localhost");
        try {
            hosts.add(InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT));
        } catch (UnknownHostException e) {
            // A machine without a name is reached by its addresses.
            hosts.add("localhost");
        }
        Set<String> addresses = new LinkedHashSet<>();
        for (NetworkInterface each : Collections.list(NetworkInterface.getNetworkInterfaces())) {
            for (InetAddress address : Collections.list(each.getInetAddresses())) {
                addresses.add(address.getHostAddress().replaceAll("%.*", ""));
            }
        }
        return new Names(hosts, addresses);
    }

    /** These and {@code more}, with commas between them. */
    Names and(String more) {
        Set<String> all = new LinkedHashSet<>(hosts);
        Arrays.stream(more.split(","))
                .map(h -> h.strip().toLowerCase(Locale.ROOT))
                .filter(h -> !h.isEmpty())
                .forEach(all::add);
        return new Names(all, addresses);
    }

    boolean have(String host) {
        String plain = host.toLowerCase(Locale.ROOT).replaceAll("^\\[|]$", "");
        return hosts.contains(plain) || addresses.contains(plain) || isTheSameAddress(plain);
    }

    /** An address of version 6 can be written in several ways. */
    private boolean isTheSameAddress(String host) {
        if (!host.matches("[0-9a-f:.]*:[0-9a-f:.]*")) {
            return false;
        }
        try {
            return addresses.contains(InetAddress.getByName(host).getHostAddress());
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
