package dorada.server.network;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * Settles before anything starts how Dorada is reached. On the shop's network passwords travel: there it is TLS, or a proxy that speaks
 * it, or nothing.
 */
public final class Network implements ApplicationListener<ApplicationEnvironmentPreparedEvent> {

    static final String ADDRESS = "DORADA_ADDRESS";
    static final String TLS = "DORADA_TLS";
    static final String KEY_STORE = "DORADA_KEYSTORE";
    static final String KEY_STORE_PASSWORD = "DORADA_KEYSTORE_PASSWORD";
    static final String PROXY = "DORADA_PROXY";
    private static final String SELF_SIGNED = "self-signed";

    /** Said in one sentence, without a stack of calls. */
    static final class NotSafe extends RuntimeException {
        NotSafe(String sentence) {
            super(sentence, null, false, false);
        }
    }

    @Override
    public void onApplicationEvent(ApplicationEnvironmentPreparedEvent event) {
        ConfigurableEnvironment environment = event.getEnvironment();
        Map<String, Object> settings = settings(environment);
        if (!settings.isEmpty()) {
            environment.getPropertySources().addFirst(new MapPropertySource("network", settings));
        }
    }

    /** @throws NotSafe where others could listen */
    static Map<String, Object> settings(ConfigurableEnvironment environment) {
        String address = environment.getProperty(ADDRESS, "").strip();
        String keyStore = environment.getProperty(KEY_STORE, "").strip();
        String tls = environment.getProperty(TLS, "").strip();
        boolean isBehindProxy = "yes".equals(environment.getProperty(PROXY));
        boolean isTls = !keyStore.isEmpty() || SELF_SIGNED.equals(tls);
        if (!tls.isEmpty() && !SELF_SIGNED.equals(tls)) {
            throw new NotSafe(TLS + " is \"" + tls + "\"; it can be \"" + SELF_SIGNED + "\". A key store of your own: "
                    + KEY_STORE + ".");
        }
        Map<String, Object> settings = new HashMap<>();
        if (!address.isEmpty()) {
            if (!isLoopback(address) && !isTls && !isBehindProxy) {
                throw new NotSafe("On " + address + " others could read passwords on the way. Please choose: " + TLS
                        + "="
                        + SELF_SIGNED + " (a certificate is made), " + KEY_STORE + "=FILE with " + KEY_STORE_PASSWORD
                        + ", or " + PROXY + "=yes behind a proxy that speaks TLS.");
            }
            settings.put("server.address", address);
        }
        if (isTls) {
            settings.putAll(
                    keyStore.isEmpty()
                            ? selfSigned(environment)
                            : store(Path.of(keyStore), environment.getProperty(KEY_STORE_PASSWORD, "")));
            settings.put("server.ssl.enabled", true);
        }
        if (isBehindProxy) {
            settings.put("server.forward-headers-strategy", "native");
        }
        if (isTls || isBehindProxy) {
            settings.put("server.servlet.session.cookie.secure", true);
        }
        return settings;
    }

    private static Map<String, Object> selfSigned(ConfigurableEnvironment environment) {
        try {
            SelfSigned own = SelfSigned.in(
                    Path.of(environment.getProperty("DORADA_DATA", "data")),
                    Names.ofTheMachine().and(environment.getProperty(HostFilter.HOSTS, "")));
            Map<String, Object> store = new HashMap<>(store(own.file(), own.password()));
            store.put("dorada.fingerprint", own.fingerprint());
            return store;
        } catch (IOException e) {
            throw new UncheckedIOException("The certificate could not be made: " + e.getMessage(), e);
        }
    }

    private static Map<String, Object> store(Path file, String password) {
        if (!Files.isReadable(file)) {
            throw new NotSafe("There is no key store " + file + " that can be read.");
        }
        return Map.of(
                "server.ssl.key-store",
                file.toUri().toString(),
                "server.ssl.key-store-password",
                password,
                "server.ssl.key-store-type",
                "PKCS12");
    }

    private static boolean isLoopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            throw new NotSafe(ADDRESS + " is \"" + address + "\", which is no address of this machine.");
        }
    }
}
