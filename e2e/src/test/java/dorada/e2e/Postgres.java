package dorada.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Debian's PostgreSQL with a cluster of its own in a folder of its own, on a free port of 127.0.0.1. */
final class Postgres implements AutoCloseable {

    private static final Path INSTALLED = Path.of("/usr/lib/postgresql");
    private static final String USER = "dorada";

    private final Path folder = Files.createTempDirectory("dorada-e2e-postgres");
    private final Path cluster = folder.resolve("cluster");
    private final int port;

    private Postgres() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
    }

    static Postgres started() throws Exception {
        Postgres postgres = new Postgres();
        Files.setPosixFilePermissions(postgres.folder, PosixFilePermissions.fromString("rwxrwxrwx"));
        // Not to the disk at once: no power is cut here.
        postgres.run(
                "initdb",
                "-D",
                postgres.cluster.toString(),
                "-U",
                USER,
                "-A",
                "trust",
                "-E",
                "UTF8",
                "--locale=C.UTF-8",
                "-N");
        postgres.run(
                "pg_ctl",
                "-D",
                postgres.cluster.toString(),
                "-l",
                postgres.folder.resolve("log").toString(),
                "-w",
                "-o",
                "-p " + postgres.port + " -c listen_addresses=127.0.0.1 -c unix_socket_directories=" + postgres.folder
                        + " -c fsync=off",
                "start");
        return postgres;
    }

    /** Of the one database that a cluster begins with. */
    String address() {
        return "jdbc:postgresql://127.0.0.1:" + port + "/postgres?user=" + USER;
    }

    /** What it answers to {@code statements}. */
    String answers(String statements) throws IOException, InterruptedException {
        String there = "-h 127.0.0.1 -d postgres -At -p " + port + " -U " + USER;
        List<String> arguments = new ArrayList<>(List.of(there.split(" ")));
        arguments.addAll(List.of("-c", statements));
        return run("psql", arguments.toArray(String[]::new));
    }

    private String run(String program, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>();
        if ("root".equals(System.getProperty("user.name"))) {
            // It refuses to be run by root; the package has made this user.
            command.addAll(List.of("runuser", "-u", "postgres", "--"));
        }
        command.add(newest().resolve("bin").resolve(program).toString());
        command.addAll(List.of(arguments));
        Path output = folder.resolve(program + ".log");
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(output.toFile())
                .start();
        if (!process.waitFor(2, TimeUnit.MINUTES) || process.exitValue() != 0) {
            throw new IllegalStateException(program + " failed:\n" + Files.readString(output));
        }
        return Files.readString(output);
    }

    private static Path newest() throws IOException {
        try (var all = Files.list(INSTALLED)) {
            return all.max(Comparator.comparing(
                            p -> Double.parseDouble(p.getFileName().toString())))
                    .orElseThrow(() -> new IllegalStateException("Please install the package postgresql."));
        }
    }

    @Override
    public void close() throws Exception {
        run("pg_ctl", "-D", cluster.toString(), "-m", "immediate", "stop");
        Prepared.delete(folder);
    }
}
