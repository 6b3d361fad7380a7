package dorada.server.book;

import dorada.server.keeping.DataFolder;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The index lies beside the database; that of a database in memory in memory too. */
@Configuration(proxyBeanMethods = false)
class IndexFolder {

    private static final String TYPE = "hibernate.search.backend.directory.type";
    private static final String ROOT = "hibernate.search.backend.directory.root";

    @Bean
    HibernatePropertiesCustomizer whereTheIndexLies(DataFolder data) {
        return properties -> data.path()
                .ifPresentOrElse(
                        folder -> properties.put(
                                ROOT, folder.resolve(DataFolder.INDEX).toString()),
                        () -> properties.put(TYPE, "local-heap"));
    }
}
