package civitane.app.reading;

import java.util.regex.Pattern;

/**
 * A fact that papers show, and how they call it, in the languages of the district. The first of the names that stands
 * on a line is the one that counts.
 */
public enum Sought {
  NAME(
      Kind.NAME,
      "for|pour|para|name of (?:the )?(?:holder|employee|tenant|patient|insured)|surname and given names?|full name|account holder|employee(?: name)?|"
          + "tenant|holder|patient|name|nom et pr[ée]noms?|titulaire|salari[ée]e?|employ[ée]e?|locataire|nom|nome completo|"
          + "titular|trabalhadora?|inquilino|nome|اسم الموظف|اسم صاحب الحساب|الاسم الكامل|المستأجر|الاسم"),
  GIVEN_NAME(
      Kind.NAME,
      "given names?|first names?|pr[ée]noms?|nomes? pr[óo]prios?|الاسم الأول|الاسم الشخصي"),
  FAMILY_NAME(Kind.NAME, "family name|surname|nom de famille|apelidos?|اسم العائلة|اللقب"),
  BIRTH_DATE(
      Kind.DATE,
      "date of birth|birth date|born(?: on)?|date de naissance|n[ée]e? le|data de nascimento|nascid[oa] (?:em|a)|تاريخ الميلاد|تاريخ الولادة"),
  ISSUED_ON(
      Kind.DATE,
      "date of issue|issued(?: on)?|date of statement|statement date|bill date|signed on|date de d[ée]livrance|d[ée]livr[ée]e? le|date d['’][ée]mission|"
          + "fait le|data de emiss[ãa]o|emitid[oa] (?:em|a)|passad[oa] em|تاريخ الإصدار|صدر في|صدرت في"),
  EXPIRES_ON(
      Kind.DATE,
      "date of expiry|expiry date|expires(?: on)?|valid until|valid to|date d['’]expiration|expire le|valable jusqu['’]au|data de validade|"
          + "v[áa]lid[oa] at[ée]|validade|تاريخ الانتهاء|صالح حتى|صالحة حتى"),
  ADDRESS(
      Kind.TEXT,
      "address of the home|home address|service address|address|adresse du logement|adresse|morada|endere[çc]o|العنوان"),
  PERIOD_END(
      Kind.LAST_DATE,
      "period ends|pay period|period ending|period end|for the period|period|p[ée]riode de paie|p[ée]riode|fin de p[ée]riode|per[íi]odo de pagamento|per[íi]odo|"
          + "فترة الأجر|نهاية الفترة|الفترة"),
  AMOUNT(
      Kind.MONEY,
      "rent (?:a|per) month|monthly rent|rent|payment a month|monthly (?:payment|instalment|benefit|pension)|loyer par mois|loyer mensuel|loyer|mensualit[ée]|"
          + "montant mensuel|renda por m[êe]s|renda mensal|renda|presta[çc][ãa]o mensal|valor mensal|الإيجار في الشهر|الإيجار الشهري|الإيجار|القسط الشهري|المبلغ الشهري"),
  DUE(
      Kind.MONEY,
      "amount due|total due|due in all|due today|owed in all|arrears|montant d[ûu]|total d[ûu]|d[ûu] aujourd['’]hui|d[ûu] en tout|"
          + "arri[ée]r[ée]s|valor em d[íi]vida|total em d[íi]vida|em d[íi]vida hoje|em d[íi]vida ao todo|المستحق اليوم|مجموع المستحق|المبلغ المستحق|المتأخرات"),
  ACCOUNT(Kind.ACCOUNT, "iban|account(?: number| no)?|compte|conta|رقم الحساب|الحساب"),
  COVERS_FROM(
      Kind.DATE,
      "unable to work from|off work from|incapable de travailler du|arr[êe]t de travail du|incapacidade desde|incapaz de trabalhar desde|غير قادر على العمل من"),
  COVERS_UNTIL(
      Kind.DATE,
      "unable to work until|unable to work to|off work until|incapable de travailler jusqu['’]au|jusqu['’]au|incapacidade at[ée]|incapaz de trabalhar at[ée]|at[ée]|غير قادر على العمل حتى"),
  LAST_DAY(
      Kind.DATE,
      "last day worked|last working day|dernier jour travaill[ée]|[úu]ltimo dia de trabalho|آخر يوم عمل"),
  ABSENT_FROM(
      Kind.DATE,
      "first day away|premier jour d['’]absence|primeiro dia de aus[êe]ncia|أول يوم غياب"),
  NOTICE_ON(Kind.DATE, "told (?:of it )?on|averti(?:e)? le|avisad[oa] em|أبلغ في"),
  HOURS(
      Kind.NUMBER,
      "hours a week|hours per week|heures par semaine|horas por semana|ساعات في الأسبوع"),
  DUE_ON(Kind.DATE, "day of this figure|jour de ce chiffre|dia deste valor|يوم هذا الرقم"),
  TENANTS(Kind.NAMES, "tenants|locataires|inquilinos|المستأجرون"),
  AGREES(
      Kind.FLAG,
      "do you agree to be paid\\?|do you take part\\?|acceptez-vous d['’][êe]tre pay[ée] ?\\?|participez-vous ?\\?|aceita ser pago\\?|participa\\?|"
          + "هل توافق على أن يدفع لك؟|هل تشارك؟"),
  LOAN_NUMBER(Kind.TEXT, "loan number|num[ée]ro du pr[êe]t|n[úu]mero do empr[ée]stimo|رقم القرض"),
  GROSS(
      Kind.MONEY,
      "pay before tax|salaire avant imp[ôo]t|sal[áa]rio antes de impostos|before tax|avant imp[ôo]t|antes de impostos?|total gross(?: pay)?|gross pay|gross wages|gross|salaire brut|total brut|brut|vencimento il[íi]quido|vencimento bruto|total il[íi]quido|"
          + "total bruto|bruto|إجمالي الأجر|الأجر الإجمالي|الأجر قبل الضريبة");

  /** What a value looks like. */
  enum Kind {
    NAME,
    /** Several names. */
    NAMES,
    TEXT,
    /** Yes or no. */
    FLAG,
    NUMBER,
    DATE,
    /** A day, or the later one of a stretch. */
    LAST_DATE,
    MONEY,
    /** An account number whose check digits are right. */
    ACCOUNT
  }

  private final Kind kind;
  private final Pattern called;

  Sought(Kind kind, String called) {
    this.kind = kind;
    this.called = Pattern.compile(
        "^(?:" + called + ")(?![\\p{L}\\p{M}])\\s*[:.：]?\\s*",
        Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  }

  Kind kind() {
    return kind;
  }

  /** How many letters of the text are what papers call it; none where they call it otherwise. */
  int label(String text) {
    var found = called.matcher(text);
    return found.find() ? found.end() : 0;
  }
}
