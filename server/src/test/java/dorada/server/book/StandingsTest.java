package dorada.server.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dorada.core.acceptance.Progress;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StandingsTest {

    private final BookRepository book = mock();
    private final Standings standings = new Standings(book, mock());

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
        when(book.standing(any()))
                .thenAnswer(asked -> asked.<Collection<UUID>>getArgument(0).stream()
                        .map(StandingsTest::standing)
                        .toList());
        assertThat(standings.of(ids(1100), Set.of())).hasSize(1100).containsEntry(id(1099), standing(id(1099)));
        verify(book, times(3)).standing(any());
        assertThat(standings.of(List.of(), Set.of())).isEmpty();
    }

    @Test
    void thoseBeingWrittenTellNothing() {
        when(book.standing(any())).thenReturn(List.of(standing(id(1)), standing(id(3))));
        assertThat(standings.of(ids(4), Set.of(id(3)))).containsOnlyKeys(id(1));
    }

    /** After a start of another program the rows of the one before hold until they are written anew: most are as they were. */
    @Test
    void whatTwoProgramsHaveWrittenIsCountedTogether() {
        when(book.firstProgram()).thenReturn("before");
        when(book.lastProgram()).thenReturn("this one");
        when(book.programs()).thenReturn(List.of("before", "this one"));
        when(book.countStates(eq("before"), any()))
                .thenReturn(List.of(new BookRepository.StateRow(Progress.TUNING, 90)));
        when(book.countStates(eq("this one"), any()))
                .thenReturn(List.of(
                        new BookRepository.StateRow(Progress.TUNING, 10),
                        new BookRepository.StateRow(Progress.MET, 2)));
        assertThat(standings.counts(Set.of())).isEqualTo(Map.of(Progress.TUNING, 100, Progress.MET, 2));
        when(book.standing(eq("before"), any(), any(), any())).thenReturn(List.of(standing(id(9)), standing(id(4))));
        when(book.standing(eq("this one"), any(), any(), any())).thenReturn(List.of(standing(id(7)), standing(id(2))));
        assertThat(standings.in(Progress.TUNING, Set.of(), 3))
                .extracting(Standings.Standing::shopNumber)
                .containsExactly(9L, 7L, 4L);
        // Of one program alone the rest is not looked for.
        when(book.firstProgram()).thenReturn("this one");
        assertThat(standings.counts(Set.of())).isEqualTo(Map.of(Progress.TUNING, 10, Progress.MET, 2));
        verify(book, times(2)).programs();
    }

    @Test
    void ofAnEmptyBookNothingIsCounted() {
        assertThat(standings.counts(Set.of())).isEmpty();
        assertThat(standings.in(Progress.MET, Set.of(), 3)).isEmpty();
    }

    @Test
    void ofVeryManyThoseThatWereNotAskedForAreLeftOut() {
        when(book.standing()).thenReturn(List.of(standing(id(3)), standing(id(4999)), standing(id(70_000))));
        assertThat(standings.of(ids(5001), Set.of())).containsOnlyKeys(id(3), id(4999));
        assertThat(standings.of(ids(5001), Set.of(id(3)))).containsOnlyKeys(id(4999));
        verify(book, never()).standing(any());
    }
}
