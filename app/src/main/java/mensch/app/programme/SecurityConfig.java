package mensch.app.programme;

import java.util.Arrays;
import mensch.app.problem.ProblemWriter;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.config.annotation.authentication.configuration.AuthenticationConfiguration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;

/**
 * Who may ask for what. Everything is closed but the sign-in page; players read, coaches work on film and grade
 * besides, coordinators write.
 */
@Configuration
class SecurityConfig {
    private static final int HASH_STRENGTH = 12;
    /** Styles need inline because the component library writes its tokens as style elements; scripts never do. */
    private static final String POLICY =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; media-src 'self' blob:; "
                    + "font-src 'self'; connect-src 'self'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'; object-src 'none'";

    private static final String[] COACHES = Arrays.stream(Member.Role.values())
            .filter(Member.Role::coaches)
            .map(Member.Role::name)
            .toArray(String[]::new);

    /** Asked with a body and answered; nothing is written, so a player may ask them too. */
    private static final String[] QUESTIONS = {
        "/api/line-ups",
        "/api/answers",
        "/api/placements",
        "/api/strips",
        "/api/comparisons",
        "/api/repairs",
        "/api/phrases",
        "/api/audits",
        "/api/blockings",
        "/api/snap-runs",
        "/api/snap-runs/worst",
        "/api/snap-runs/calls",
        "/api/snap-runs/beside",
        "/api/distributions",
        "/api/options",
        "/api/blocking-comparisons",
        "/api/plan-audits",
        "/api/teaching-loads",
        "/api/playbook/previews",
        "/api/play-trials",
        "/api/pressures/trials",
        "/api/route-trials",
        "/api/route-trials/corners",
        "/api/calls/*/drafts"
    };

    @Bean
    SecurityFilterChain chain(HttpSecurity http, ProblemWriter problems) throws Exception {
        return http.authorizeHttpRequests(SecurityConfig::mayAsk)
                .csrf(c -> c.spa())
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY)))
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, refused) -> problems.write(
                                response, HttpStatus.UNAUTHORIZED, "signed-out", "nobody is signed in; sign in first"))
                        .accessDeniedHandler((request, response, refused) -> problems.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                "not-allowed",
                                "this is not for you, or the sign-in is over; sign in again or ask a coordinator")))
                .logout(l -> l.disable())
                .build();
    }

    /** The first line that fits decides; what is not named is nobody's. */
    private static void mayAsk(
            AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry may) {
        may.requestMatchers("/api/session", "/actuator/health/**", "/v3/api-docs/**")
                .permitAll()
                .requestMatchers(HttpMethod.POST, QUESTIONS)
                .authenticated()
                .requestMatchers(HttpMethod.DELETE, "/api/games/*", "/api/reels/*")
                .hasRole(Member.Role.COORDINATOR.name())
                .requestMatchers(
                        "/api/games/**",
                        "/api/reels/**",
                        "/api/grades/**",
                        "/api/units/**",
                        "/api/agreements",
                        "/api/work/**")
                .hasAnyRole(COACHES)
                .requestMatchers(HttpMethod.GET, "/api/roster")
                .hasAnyRole(COACHES)
                .requestMatchers(HttpMethod.GET, "/api/**")
                .authenticated()
                .requestMatchers("/api/**")
                .hasRole(Member.Role.COORDINATOR.name())
                .requestMatchers("/actuator/**")
                .denyAll()
                .requestMatchers(HttpMethod.GET, "/**")
                .permitAll()
                .requestMatchers(HttpMethod.HEAD, "/**")
                .permitAll()
                .anyRequest()
                .denyAll();
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder(HASH_STRENGTH);
    }

    @Bean
    UserDetailsService users(MemberRepository members) {
        return username -> members.findByUsername(username)
                .map(m -> User.withUsername(m.username())
                        .password(m.passwordHash())
                        .roles(m.role().name())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException(username));
    }

    @Bean
    AuthenticationManager authenticationManager(AuthenticationConfiguration configuration) throws Exception {
        return configuration.getAuthenticationManager();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }
}
