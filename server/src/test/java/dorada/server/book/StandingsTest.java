package dorada.server.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
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
import org.springframework.data.domain.Limit;

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

    @Test
    void aSearchIsAskedForInSmallLettersAndThoseBeingWrittenAreLeftOut() {
        Set<UUID> but = Set.of(id(3));
        when(book.countStates("van 7", but))
                .thenReturn(List.of(
                        new BookRepository.StateRow(Progress.TUNING, 10),
                        new BookRepository.StateRow(Progress.MET, 2)));
        assertThat(standings.counts(" Van 7", but)).isEqualTo(Map.of(Progress.TUNING, 10, Progress.MET, 2));
        when(book.standing(Progress.TUNING, "van 7", but, Limit.of(2)))
                .thenReturn(List.of(standing(id(9)), standing(id(4))));
        assertThat(standings.in(Progress.TUNING, " Van 7", but, 2))
                .extracting(Standings.Standing::shopNumber)
                .containsExactly(9L, 4L);
    }

    @Test
    void onlyThoseThatTheBookTellsOfAreCounted() {
        when(book.count()).thenReturn(12L);
        assertThat(standings.count(Set.of())).isEqualTo(12);
        when(book.countByInstallationIdIn(Set.of(id(3), id(4)))).thenReturn(1);
        assertThat(standings.count(Set.of(id(3), id(4)))).isEqualTo(11);
    }

    @Test
    void ofAnEmptyBookNothingIsCounted() {
        assertThat(standings.counts("", Set.of())).isEmpty();
        assertThat(standings.in(Progress.MET, "", Set.of(), 3)).isEmpty();
    }

    @Test
    void ofVeryManyThoseThatWereNotAskedForAreLeftOut() {
        when(book.standing()).thenReturn(List.of(standing(id(3)), standing(id(4999)), standing(id(70_000))));
        assertThat(standings.of(ids(5001), Set.of())).containsOnlyKeys(id(3), id(4999));
        assertThat(standings.of(ids(5001), Set.of(id(3)))).containsOnlyKeys(id(4999));
        verify(book, never()).standing(any());
    }
}
