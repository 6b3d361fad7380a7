package dorada.server.people;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.FilterChain;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.core.context.SecurityContextHolder;

class BearerTokenFilterTest {

    private final PeopleService people = mock();
    private final FilterChain chain = mock();
    private final BearerTokenFilter filter = new BearerTokenFilter(people);
    private final MockHttpServletResponse response = new MockHttpServletResponse();

    @AfterEach
    void signOut() {
        SecurityContextHolder.clearContext();
    }

    private static MockHttpServletRequest request(String header) {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", "/api/installations");
        if (header != null) {
            request.addHeader("Authorization", header);
        }
        return request;
    }

    @Test
    void aGoodTokenSignsItsOwnerInForThisRequest() throws Exception {
        Person noa = new Person("noa", "Noa", Role.TECHNICIAN, "hash", Instant.EPOCH);
        when(people.byToken("abc")).thenReturn(Optional.of(new SignedIn(noa)));
        filter.doFilter(request("Bearer abc"), response, chain);
        verify(chain).doFilter(any(), any());
        assertThat(SecurityContextHolder.getContext().getAuthentication().getName())
                .isEqualTo("noa");
    }

    @Test
    void aWrongTokenEndsWithASentence() throws Exception {
        when(people.byToken("old")).thenReturn(Optional.empty());
        filter.doFilter(request("Bearer old"), response, chain);
        verify(chain, never()).doFilter(any(), any());
        assertThat(response.getStatus()).isEqualTo(401);
        assertThat(response.getContentAsString()).contains("not valid");
    }

    @Test
    void anotherKindOfHeaderIsLeftAlone() throws Exception {
        filter.doFilter(request("Basic abc"), response, chain);
        filter.doFilter(request(null), response, chain);
        verify(people, never()).byToken(any());
        assertThat(SecurityContextHolder.getContext().getAuthentication()).isNull();
    }
}
