package dorada.server.book;

import dorada.server.keeping.DataFolder;
import org.apache.lucene.search.IndexSearcher;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The index lies beside the database; that of a database in memory in memory too. */
@Configuration(proxyBeanMethods = false)
class IndexFolder {

    /** So many words with a letter wrong, each in every field, as anybody may ask for at once. */
    private static final int MOST_CLAUSES = 20_000;

    private static final String TYPE = "hibernate.search.backend.directory.type";
    private static final String ROOT = "hibernate.search.backend.directory.root";

    @Bean
    HibernatePropertiesCustomizer whereTheIndexLies(DataFolder data) {
        IndexSearcher.setMaxClauseCount(MOST_CLAUSES);
        return properties -> data.path()
                .ifPresentOrElse(
                        folder -> properties.put(
                                ROOT, folder.resolve(DataFolder.INDEX).toString()),
                        () -> properties.put(TYPE, "local-heap"));
    }
}
