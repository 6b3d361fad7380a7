package dorada.server.instrument;

import dorada.core.design.Designs;
import dorada.core.simulation.Bench;
import java.io.IOException;
import java.util.Random;

/** The stand-in analyser alone, without server and database: {@code ./dorada stand-in}. */
public final class StandInMain {

    private StandInMain() {}

    /** @param args the wanted port; 5025 where there is none */
    public static void main(String[] args) throws IOException, InterruptedException {
        int port = args.length > 0 ? Integer.parseInt(args[0]) : 5025;
        try (StandInServer server = new StandInServer(new Bench(Designs.ALL.installations(), new Random()), port)) {
            System.out.println("The stand-in analyser listens on 127.0.0.1:" + server.port() + ". Stop with Ctrl-C.");
            System.out.println(
                    "On its bench: " + Designs.ALL.installations().get(0).title()
                            + ". BENCh:CATalog? lists others; BENCh:INSTallation <name> takes one.");
            Thread.currentThread().join();
        }
    }
}
