package dorada.server.network;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A certificate of our own, made once and kept: whoever compares its fingerprint knows whom they talk to. */
record SelfSigned(Path file, String password, String fingerprint) {

    private static final String ALIAS = "dorada";
    private static final int DAYS = 825;
    private static final int PASSWORD_BYTES = 24;
    private static final long PATIENCE_SECONDS = 60;

    /** That of {@code data}; made by the Java tool for it where there is none. */
    static SelfSigned in(Path data, Names names) throws IOException {
        Files.createDirectories(data);
        Path file = data.resolve("tls.p12");
        Path secret = data.resolve("tls.secret");
        if (!Files.exists(file) || !Files.exists(secret)) {
            byte[] bytes = new byte[PASSWORD_BYTES];
            new SecureRandom().nextBytes(bytes);
            Files.deleteIfExists(file);
            Files.deleteIfExists(secret);
            Files.createFile(
                    secret, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(secret, HexFormat.of().formatHex(bytes));
            make(file, secret, names);
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        }
        String password = Files.readString(secret).strip();
        return new SelfSigned(file, password, fingerprint(file, password));
    }

    private static void make(Path file, Path secret, Names names) throws IOException {
        String alternatives = Stream.concat(
                        names.hosts().stream().map(h -> "dns:" + h),
                        names.addresses().stream().map(a -> "ip:" + a))
                .collect(Collectors.joining(","));
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-alias",
                ALIAS,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-validity",
                Integer.toString(DAYS),
                "-dname",
                "CN=Dorada",
                "-ext",
                "SAN=" + alternatives,
                "-storetype",
                "PKCS12",
                "-keystore",
                file.toString(),
                // From a file, so that nobody reads it from the list of processes.
                "-storepass:file",
                secret.toString()));
        Process tool = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(tool.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            if (!tool.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS) || tool.exitValue() != 0) {
                throw new IOException(said.strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    /** SHA-256 over the certificate, in pairs as browsers show it. */
    private static String fingerprint(Path file, String password) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(in, password.toCharArray());
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(store.getCertificate(ALIAS).getEncoded());
            return HexFormat.ofDelimiter(":").formatHex(digest).toUpperCase(Locale.ROOT);
        } catch (GeneralSecurityException e) {
            throw new IOException(e);
        }
    }
}
