package dorada.server.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import dorada.core.tuning.TrimPrior;
import dorada.server.installation.Installation;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ShopLessonsTest {

    private static final List<TrimPrior.Lesson> OF_LIKES = List.of(new TrimPrior.Lesson(1.02, 0.01));
    private static final List<TrimPrior.Lesson> OF_ITS_KIND = List.of(new TrimPrior.Lesson(1.1, 0.05));

    private final Book book = mock(Book.class);
    private final ShopLessons lessons = new ShopLessons(book);
    private final Installation van = installation();

    private static Installation installation() {
        Installation one = mock(Installation.class);
        when(one.id()).thenReturn(UUID.randomUUID());
        return one;
    }

    @Test
    void theBookIsAskedOnceUntilAnotherIsFinished() {
        when(book.lessonsFor(any())).thenReturn(Optional.of(OF_LIKES));
        assertThat(lessons.lessonsFor(van)).isEqualTo(OF_LIKES);
        assertThat(lessons.lessonsFor(van)).isEqualTo(OF_LIKES);
        verify(book, times(1)).lessonsFor(van);
        lessons.forget();
        assertThat(lessons.lessonsFor(van)).isEqualTo(OF_LIKES);
        verify(book, times(2)).lessonsFor(van);
    }

    @Test
    void eachInstallationHasItsOwn() {
        Installation other = installation();
        when(book.lessonsFor(van)).thenReturn(Optional.of(OF_LIKES));
        when(book.lessonsFor(other)).thenReturn(Optional.of(List.of()));
        assertThat(lessons.lessonsFor(van)).isEqualTo(OF_LIKES);
        assertThat(lessons.lessonsFor(other)).isEmpty();
    }

    /** What is found while another one is being finished may miss it. */
    @Test
    void whatWasBegunBeforeAnotherWasFinishedIsNotKept() {
        when(book.lessonsFor(van)).thenAnswer(asked -> {
            lessons.forget();
            return Optional.of(List.of());
        });
        lessons.lessonsFor(van);
        lessons.lessonsFor(van);
        verify(book, times(2)).lessonsFor(van);
    }

    @Test
    void withoutTheIndexItsKindTeachesAndTheIndexIsAskedAgainTheNextTime() {
        when(book.lessonsFor(van)).thenReturn(Optional.empty()).thenReturn(Optional.of(OF_LIKES));
        when(book.lessonsOfItsKind(van)).thenReturn(OF_ITS_KIND);
        assertThat(lessons.lessonsFor(van)).isEqualTo(OF_ITS_KIND);
        assertThat(lessons.lessonsFor(van)).isEqualTo(OF_LIKES);
    }
}
