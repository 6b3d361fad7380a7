package dorada.server.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dorada.core.acceptance.Progress;
import dorada.server.tuning.Judgements;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StandingsTest {

    private final BookRepository book = mock();
    private final Judgements judgements = mock();
    private final Standings standings = new Standings(book, mock(), judgements);

    private static UUID id(long number) {
        return new UUID(1, number);
    }

    private static Standings.Standing standing(UUID id) {
        return new Standings.Standing(id, id.getLeastSignificantBits(), Progress.TUNING);
    }

    private static List<UUID> ids(int count) {
        return IntStream.range(0, count).mapToObj(StandingsTest::id).toList();
    }

    @Test
    void manyAreAskedForInListsAndEachIsTold() {
        when(judgements.program()).thenReturn("this one");
        when(book.told(any()))
                .thenAnswer(asked -> asked.<Collection<UUID>>getArgument(0).stream()
                        .map(id -> row(id, "this one"))
                        .toList());
        assertThat(standings.of(ids(1100), Set.of())).hasSize(1100).containsEntry(id(1099), standing(id(1099)));
        verify(book, times(3)).told(any());
        assertThat(standings.of(List.of(), Set.of())).isEmpty();
    }

    @Test
    void rowsOfAnotherProgramAndThoseBeingWrittenTellNothing() {
        when(judgements.program()).thenReturn("this one");
        when(book.told(any()))
                .thenReturn(List.of(row(id(1), "this one"), row(id(2), "the one before"), row(id(3), "this one")));
        assertThat(standings.of(ids(4), Set.of(id(3)))).containsOnlyKeys(id(1));
    }

    private static BookRepository.Told row(UUID id, String program) {
        return new BookRepository.Told(id, id.getLeastSignificantBits(), Progress.TUNING, program);
    }

    @Test
    void ofVeryManyThoseThatWereNotAskedForAreLeftOut() {
        when(book.standing(any(), any()))
                .thenReturn(List.of(standing(id(3)), standing(id(4999)), standing(id(70_000))));
        assertThat(standings.of(ids(5001), Set.of())).containsOnlyKeys(id(3), id(4999));
        verify(book, never()).told(any());
    }
}
