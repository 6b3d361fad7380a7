package dorada.server.instrument;

import dorada.core.practice.Bench;
import dorada.core.practice.VirtualInstallations;
import java.io.IOException;
import java.util.Random;

/** The stand-in analyser alone, without server and database: {@code ./dorada stand-in}. */
public final class StandInMain {

    private StandInMain() {}

    /** @param args the wanted port; 5025 where there is none */
    public static void main(String[] args) throws IOException, InterruptedException {
        int port = args.length > 0 ? Integer.parseInt(args[0]) : 5025;
        try (StandInServer server = new StandInServer(new Bench(VirtualInstallations.ALL.get(0), new Random()), port)) {
            System.out.println("The stand-in analyser listens on 127.0.0.1:" + server.port() + ". Stop with Ctrl-C.");
            System.out.println(
                    "On its bench: " + VirtualInstallations.ALL.get(0).title()
                            + ". BENCh:CATalog? lists others; BENCh:INSTallation <name> takes one.");
            Thread.currentThread().join();
        }
    }
}
