package civitane.app.registers;

import civitane.core.registers.AccountRegister;
import civitane.core.registers.ChildBenefitRegister;
import civitane.core.registers.PopulationRegister;
import civitane.core.registers.PropertyRegister;
import civitane.core.registers.TaxRegister;
import civitane.core.registers.WageRegister;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The registers for whoever asks while somebody waits. */
@Configuration
class RegisterConfiguration {
  @Bean
  static PopulationRegister population(RegisterCalls calls) {
    return new PopulationRegister(calls.quick());
  }

  @Bean
  static WageRegister wages(RegisterCalls calls) {
    return new WageRegister(calls.quick());
  }

  @Bean
  static TaxRegister tax(RegisterCalls calls) {
    return new TaxRegister(calls.quick());
  }

  @Bean
  static ChildBenefitRegister childBenefit(RegisterCalls calls) {
    return new ChildBenefitRegister(calls.quick());
  }

  @Bean
  static AccountRegister accounts(RegisterCalls calls) {
    return new AccountRegister(calls.quick());
  }

  @Bean
  static PropertyRegister property(RegisterCalls calls) {
    return new PropertyRegister(calls.quick());
  }
}
