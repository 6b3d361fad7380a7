package dorada.server.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.lucene.document.Document;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.store.Directory;
import org.apache.lucene.store.FSDirectory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class IndexFolderTest {

    @TempDir
    private Path data;

    @Test
    void anIndexThatCannotBeReadIsTakenAwayAndAGoodOneStays() throws Exception {
        Path index = data.resolve("index");
        // There is none at the first start.
        IndexFolder.takeAwayIfBroken(index);
        Path part = Files.createDirectories(index.resolve("BookEntry"));
        try (Directory directory = FSDirectory.open(part);
                IndexWriter writer = new IndexWriter(directory, new IndexWriterConfig())) {
            writer.addDocument(new Document());
            writer.commit();
        }
        IndexFolder.takeAwayIfBroken(index);
        assertThat(part).isDirectory();
        try (var files = Files.list(part)) {
            for (Path segments : files.filter(f -> f.getFileName().toString().startsWith("segments"))
                    .toList()) {
                Files.writeString(segments, "cut off");
            }
        }
        IndexFolder.takeAwayIfBroken(index);
        assertThat(index).doesNotExist();
    }
}
