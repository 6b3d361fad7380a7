package dorada.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.env.MockEnvironment;

class NetworkTest {

    @TempDir
    private Path data;

    private Map<String, Object> settings(String... pairs) {
        MockEnvironment environment = new MockEnvironment().withProperty("DORADA_DATA", data.toString());
        for (int i = 0; i < pairs.length; i += 2) {
            environment.setProperty(pairs[i], pairs[i + 1]);
        }
        return Network.settings(environment);
    }

    @Test
    void thisMachineAloneNeedsNothing() {
        assertThat(settings()).isEmpty();
        assertThat(settings(Network.ADDRESS, "127.0.0.1")).containsEntry("server.address", "127.0.0.1");
    }

    @Test
    void theNetworkIsReachedByTlsOrAProxyOrNotAtAll() {
        assertThatThrownBy(() -> settings(Network.ADDRESS, "0.0.0.0"))
                .isInstanceOf(Network.NotSafe.class)
                .hasMessageContaining(Network.TLS)
                .hasMessageContaining(Network.PROXY);
        assertThat(settings(Network.ADDRESS, "0.0.0.0", Network.PROXY, "yes"))
                .containsEntry("server.servlet.session.cookie.secure", true)
                .doesNotContainKey("server.ssl.enabled");
        assertThatThrownBy(() -> settings(Network.ADDRESS, "0.0.0.0", Network.KEY_STORE, data + "/none.p12"))
                .hasMessageContaining("no key store");
        assertThatThrownBy(() -> settings(Network.TLS, "yes")).hasMessageContaining("self-signed");
        assertThatThrownBy(() -> settings(Network.ADDRESS, "300.1.1.1")).isInstanceOf(Network.NotSafe.class);
    }

    @Test
    void aCertificateIsMadeOnceAndKnownByItsFingerprint() throws Exception {
        Map<String, Object> first = settings(Network.ADDRESS, "0.0.0.0", Network.TLS, "self-signed");
        Map<String, Object> again = settings(Network.TLS, "self-signed");
        assertThat(first).containsEntry("server.ssl.enabled", true);
        assertThat((String) first.get("dorada.fingerprint"))
                .matches("([0-9A-F]{2}:){31}[0-9A-F]{2}")
                .isEqualTo(again.get("dorada.fingerprint"));
        Path file = data.resolve("tls.p12");
        assertThat(Files.getPosixFilePermissions(file))
                .isEqualTo(Set.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE));
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, ((String) first.get("server.ssl.key-store-password")).toCharArray());
        }
        X509Certificate certificate = (X509Certificate) store.getCertificate("dorada");
        assertThat(certificate.getSubjectAlternativeNames().toString())
                .contains("localhost")
                .contains("127.0.0.1");
    }

    @ParameterizedTest
    @CsvSource({
        "localhost, true",
        "LOCALHOST, true",
        "127.0.0.1, true",
        "[::1], true",
        "shop.island, true",
        "evil.example, false",
        "127.0.0.1.evil.example, false",
        "[::2], false"
    })
    void onlyOurOwnNamesAreAnswered(String host, boolean isOurs) {
        Names names = new Names(Set.of("localhost", "shop.island"), Set.of("127.0.0.1", "0:0:0:0:0:0:0:1"));
        assertThat(names.have(host)).isEqualTo(isOurs);
    }
}
