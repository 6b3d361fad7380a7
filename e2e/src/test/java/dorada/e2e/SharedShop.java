package dorada.e2e;

import java.util.ArrayList;
import java.util.List;

/** Servers of one shop on one PostgreSQL. */
final class SharedShop implements AutoCloseable {

    private final Postgres postgres = Postgres.started();
    private final List<RunningDorada> servers = new ArrayList<>();

    /** Started one after the other: the first makes the tables and the demo's data. */
    SharedShop(int howMany) throws Exception {
        for (int i = 0; i < howMany; i++) {
            servers.add(RunningDorada.sharing(postgres.address()));
        }
    }

    RunningDorada server(int number) {
        return servers.get(number % servers.size());
    }

    /** What the database answers to {@code statements}. */
    String database(String statements) throws Exception {
        return postgres.answers(statements);
    }

    @Override
    public void close() throws Exception {
        for (RunningDorada server : servers) {
            server.close();
        }
        postgres.close();
    }
}
