package dorada.server.people;

import jakarta.servlet.DispatcherType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** How {@link Permissions} are held. Pages are open; everything under /api asks for a session or an access token. */
@Configuration
class SecurityConfiguration {

    // Naive UI writes its styles into the page, hence 'unsafe-inline' for styles; scripts are ours alone.
    private static final String CONTENT_POLICY = "default-src 'self'; style-src 'self' 'unsafe-inline'; "
            + "img-src 'self' data: blob:; font-src 'self' data:; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    @Bean
    SecurityFilterChain security(
            HttpSecurity http, PeopleService people, SecurityContextRepository contexts, Environment environment)
            throws Exception {
        return http.csrf(c -> c.spa().ignoringRequestMatchers(BearerTokenFilter::hasToken))
                .headers(h -> {
                    h.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_POLICY))
                            .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN));
                    if (environment.containsProperty("dorada.fingerprint")) {
                        // A browser that insists on a known certificate could not be told to trust our own.
                        h.httpStrictTransportSecurity(t -> t.disable());
                    }
                })
                .authorizeHttpRequests(a -> {
                    a.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                            .permitAll();
                    Permissions.TABLE.forEach(
                            line -> allow(a.requestMatchers(line.method(), line.pattern()), line.who()));
                    a.requestMatchers("/actuator/**").denyAll().anyRequest().permitAll();
                })
                .exceptionHandling(e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .securityContext(s -> s.securityContextRepository(contexts))
                .addFilterBefore(new BearerTokenFilter(people), UsernamePasswordAuthenticationFilter.class)
                .addFilterAfter(new StillTheSame(people), BearerTokenFilter.class)
                .requestCache(r -> r.disable())
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .build();
    }

    private static void allow(
            AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizedUrl request, Permissions.Who who) {
        switch (who) {
            case ANYBODY -> request.permitAll();
            case SIGNED_IN -> request.authenticated();
            case WRITER -> request.hasAnyRole(Role.TECHNICIAN.name(), Role.LEAD.name());
            case LEAD -> request.hasRole(Role.LEAD.name());
        }
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    AuthenticationManager authentication(PeopleService people, PasswordEncoder encoder) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(people);
        provider.setPasswordEncoder(encoder);
        return new ProviderManager(provider);
    }

    @Configuration
    static class Passwords {
        @Bean
        PasswordEncoder encoder() {
            return PasswordEncoderFactories.createDelegatingPasswordEncoder();
        }
    }
}
