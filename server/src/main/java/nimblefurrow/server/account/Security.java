package nimblefurrow.server.account;

import nimblefurrow.server.platform.web.ProblemWriter;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * Who may do what: pages are open, the API wants a signed-in user, changes want a planner, and an
 * operator may log. Every change carries a CSRF token.
 */
@Configuration
class Security {
  private static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; "
          + "frame-ancestors 'none'; base-uri 'none'; form-action 'self'; object-src 'none'";

  @Bean
  SecurityFilterChain rules(
      HttpSecurity http, SecurityContextRepository contexts, ProblemWriter problems)
      throws Exception {
    CookieCsrfTokenRepository token = CookieCsrfTokenRepository.withHttpOnlyFalse();
    token.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
    return http.csrf(csrf -> csrf.spa().csrfTokenRepository(token))
        .securityContext(context -> context.securityContextRepository(contexts))
        .authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(
                        "/api/v1/session",
                        "/api/v1/farms",
                        "/api/v1/crew/**",
                        "/actuator/health/**",
                        "/actuator/progress")
                    .permitAll()
                    .requestMatchers("/v3/api-docs/**")
                    .hasAnyRole("PLANNER", "OPERATOR")
                    .requestMatchers("/actuator/**", "/swagger-ui/**")
                    .denyAll()
                    .requestMatchers(HttpMethod.GET, "/api/v1/**")
                    .hasAnyRole("PLANNER", "OPERATOR")
                    .requestMatchers(
                        HttpMethod.POST,
                        "/api/v1/log/**",
                        "/api/v1/cover/try",
                        "/api/v1/advice/**",
                        "/api/v1/loads/**",
                        "/api/v1/calibrations/**",
                        "/api/v1/flight/runs/**",
                        "/api/v1/practice/**",
                        "/api/v1/reports/**")
                    .hasAnyRole("PLANNER", "OPERATOR")
                    .requestMatchers("/api/v1/**")
                    .hasRole("PLANNER")
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint(
                        (request, response, refused) ->
                            problems.write(
                                request, response, HttpStatus.UNAUTHORIZED, "sign in first"))
                    .accessDeniedHandler(
                        (request, response, refused) ->
                            problems.write(
                                request,
                                response,
                                HttpStatus.FORBIDDEN,
                                refused instanceof CsrfException
                                    ? "this change carries no token of this page: load it again"
                                    : "this needs a planner of the farm")))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(to -> to.policy(ReferrerPolicy.NO_REFERRER)))
        .logout(logout -> logout.disable())
        .requestCache(cache -> cache.disable())
        .build();
  }

  /** Addresses that cannot be are refused as problems, like everything else. */
  @Bean
  RequestRejectedHandler rejected(ProblemWriter problems) {
    return (request, response, why) ->
        problems.write(
            request, response, HttpStatus.BAD_REQUEST, "this request cannot be understood");
  }

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  @Bean
  PasswordEncoder passwords() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }
}
