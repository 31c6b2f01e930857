package grastel.app.platform;

import static grastel.core.words.Words.say;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.HeaderWriterFilter;

/** Sessions, CSRF, headers. Everything under /api needs a teacher but what is listed here. */
@Configuration
class Security {
    /** What proxies add. */
    private static final List<String> FORWARDED =
            List.of("Forwarded", "X-Forwarded-For", "X-Forwarded-Host", "X-Forwarded-Proto", "X-Real-IP", "Via");

    /** A page of another name that leads here is not asked by this machine. */
    private static final Set<String> NAMES = Set.of("localhost", "127.0.0.1", "[::1]");

    private static final Set<String> LOOPBACK = Set.of("127.0.0.1", "::1", "0:0:0:0:0:0:0:1");

    @Bean
    SecurityFilterChain chain(HttpSecurity http, SecurityContextRepository contexts) throws Exception {
        return http.authorizeHttpRequests(
                        requests -> requests.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                                .permitAll()
                                .requestMatchers(HttpMethod.GET, "/api/account/session")
                                .permitAll()
                                .requestMatchers(HttpMethod.POST, "/api/account/session", "/api/account/first-teacher")
                                .permitAll()
                                .requestMatchers("/actuator/health/**", "/api/phone/**", "/api/feed/**")
                                .permitAll()
                                .requestMatchers(HttpMethod.GET, "/api/account/invites/*")
                                .permitAll()
                                .requestMatchers(HttpMethod.POST, "/api/account/invites/*")
                                .permitAll()
                                .requestMatchers("/actuator/prometheus")
                                .access((who, asked) -> new AuthorizationDecision(isFromHere(asked.getRequest())))
                                .requestMatchers("/api/**", "/v3/**", "/actuator/**")
                                .authenticated()
                                .anyRequest()
                                .permitAll())
                .csrf(csrf -> csrf.spa().csrfTokenRepository(strictToken()))
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .exceptionHandling(
                        failures -> failures.authenticationEntryPoint((request, response, e) -> Problems.write(
                                        response, HttpStatus.UNAUTHORIZED, "SIGN_IN", say("problem.sign-in-first")))
                                .accessDeniedHandler((request, response, e) -> Problems.write(
                                        response, HttpStatus.FORBIDDEN, "FORBIDDEN", say("problem.the-page-is-out"))))
                .headers(headers -> headers.contentSecurityPolicy(
                                policy -> policy.policyDirectives("default-src 'none'; frame-ancestors 'none'"))
                        .referrerPolicy(policy -> {})
                        .permissionsPolicyHeader(policy -> policy.policy("camera=(), microphone=(), geolocation=()")))
                .addFilterBefore(new PagePolicyFilter(), HeaderWriterFilter.class)
                .build();
    }

    /** The page reads the token; a page of another site does not even send the cookie. */
    private static CookieCsrfTokenRepository strictToken() {
        CookieCsrfTokenRepository token = CookieCsrfTokenRepository.withHttpOnlyFalse();
        token.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return token;
    }

    /** Asked by a program on this machine, and not through a proxy on it. */
    static boolean isFromHere(HttpServletRequest request) {
        boolean passedOn = FORWARDED.stream().anyMatch(header -> request.getHeader(header) != null);
        return !passedOn && LOOPBACK.contains(request.getRemoteAddr()) && NAMES.contains(request.getServerName());
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** Argon2id, 16 MB, 2 rounds: Spring Security's settings of version 5.8. */
    @Bean
    PasswordEncoder passwords() {
        return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }

    /** Sign-in goes through the account place; this only keeps the framework from making a user of its own. */
    @Bean
    UserDetailsService noFrameworkUsers() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}
