package dorada.server.book;

import org.hibernate.search.backend.lucene.analysis.LuceneAnalysisConfigurationContext;
import org.hibernate.search.backend.lucene.analysis.LuceneAnalysisConfigurer;

/** How a person's words are cut up for the index: in any case, with or without accents. */
public class WordsOfTheBook implements LuceneAnalysisConfigurer {

    static final String ANY_WORDS = "words";

    @Override
    public void configure(LuceneAnalysisConfigurationContext context) {
        context.analyzer(ANY_WORDS)
                .custom()
                .tokenizer("standard")
                .tokenFilter("lowercase")
                .tokenFilter("asciiFolding");
    }
}
