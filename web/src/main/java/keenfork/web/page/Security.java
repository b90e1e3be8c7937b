package keenfork.web.page;

import java.time.Clock;
import java.time.Duration;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/// Headers from the start: forgery protection, a content policy without inline code or styles. Accounts come later.
@Configuration(proxyBeanMethods = false)
class Security {
    private static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
                    + "connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private static final Set<String> THIS_MACHINE = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    @Bean
    SecurityFilterChain filters(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /// Only this machine is answered for: a page from elsewhere that has its own name lead here gets nothing.
    @Bean
    HttpFirewall onlyThisMachine() {
        var firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(THIS_MACHINE::contains);
        return firewall;
    }

    /// @param shift how far this kitchen's clock is off the machine's; drills set it
    @Bean
    Clock clock(@Value("${keenfork.clock-shift}") Duration shift) {
        return Clock.offset(Clock.systemDefaultZone(), shift);
    }
}
