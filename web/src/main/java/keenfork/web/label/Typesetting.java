package keenfork.web.label;

import keenfork.paper.LabelPdf;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.spring6.SpringTemplateEngine;

/// Labels are set with the application's own templates.
@Configuration(proxyBeanMethods = false)
class Typesetting {
    @Bean
    LabelPdf labelPdf(SpringTemplateEngine templates) { return new LabelPdf(templates); }
}
