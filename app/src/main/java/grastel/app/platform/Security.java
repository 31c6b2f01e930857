package grastel.app.platform;

import jakarta.servlet.DispatcherType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.HeaderWriterFilter;

/** Sessions, CSRF, headers. Everything under /api needs a teacher but what is listed here. */
@Configuration
class Security {
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
                                .requestMatchers("/api/**", "/v3/**", "/actuator/**")
                                .authenticated()
                                .anyRequest()
                                .permitAll())
                .csrf(csrf -> csrf.spa())
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .exceptionHandling(failures -> failures.authenticationEntryPoint((request, response, e) ->
                                Problems.write(response, HttpStatus.UNAUTHORIZED, "SIGN_IN", "Sign in first."))
                        .accessDeniedHandler((request, response, e) -> Problems.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                "FORBIDDEN",
                                "The page is out of date. Load it again.")))
                .headers(headers -> headers.contentSecurityPolicy(
                                policy -> policy.policyDirectives("default-src 'none'; frame-ancestors 'none'"))
                        .referrerPolicy(policy -> {})
                        .permissionsPolicyHeader(policy -> policy.policy("camera=(), microphone=(), geolocation=()")))
                .addFilterBefore(new PagePolicyFilter(), HeaderWriterFilter.class)
                .build();
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
