package civitane.words;

import civitane.core.awards.Award;
import civitane.core.facts.Frequency;
import civitane.core.facts.Word;
import civitane.core.money.Amount;
import civitane.core.reasons.Argument;
import civitane.core.reasons.Argument.Missing;
import civitane.core.reasons.Argument.Who;
import civitane.core.reasons.Reason;
import civitane.core.reasons.ReasonCode;
import civitane.core.reasons.Unit;
import com.ibm.icu.text.ListFormatter;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/** What a person reads, in one language: sentences are made here and nowhere else. */
public final class Words {
  private static final Map<Language, Words> KNOWN = new EnumMap<>(Language.class);

  private final Language language;
  private final Catalogue catalogue;
  private final Numbers numbers;
  private final Days days;
  private final ListFormatter lists;
  private final Map<ReasonCode, Template> reasons = new ConcurrentHashMap<>();
  private final Map<ReasonCode, Template> reasonsOfLetters = new ConcurrentHashMap<>();
  private final Map<Word, String> words = new ConcurrentHashMap<>();
  private final Template moneyEach;

  private Words(Language language) {
    this.language = language;
    this.catalogue = new Catalogue(language);
    this.numbers = new Numbers(language);
    this.days = new Days(language);
    this.lists = ListFormatter.getInstance(language.locale());
    this.moneyEach = catalogue.get("common.moneyEach");
  }

  /** The words of a language; read once. Throws {@link WordsFault} where some are missing. */
  public static Words in(Language language) {
    synchronized (KNOWN) {
      return KNOWN.computeIfAbsent(language, Words::new);
    }
  }

  public Language language() {
    return language;
  }

  Catalogue catalogue() {
    return catalogue;
  }

  // Reasons

  /** Why something is so, as a sentence. */
  public String say(Reason reason, Voice voice) {
    var template = voice == Voice.LETTER
        ? reasonsOfLetters.computeIfAbsent(reason.code(), this::templateOfLetters)
        : reasons.computeIfAbsent(reason.code(), code -> catalogue.get(code.code()));
    return template.say(new ReasonValues(reason));
  }

  private Template templateOfLetters(ReasonCode code) {
    var own = catalogue.find(code.code() + ".letter");
    return own == null ? catalogue.get(code.code()) : own;
  }

  /** Several reasons, a sentence each. */
  public String say(List<Reason> reasons, Voice voice) {
    if (reasons.size() == 1) {
      return say(reasons.get(0), voice);
    }
    var all = new StringBuilder();
    for (var reason : reasons) {
      all.append(all.isEmpty() ? "" : " ").append(say(reason, voice));
    }
    return all.toString();
  }

  /** What a reason is told with, by name. */
  private final class ReasonValues implements Template.Values {
    private final Reason reason;

    ReasonValues(Reason reason) {
      this.reason = reason;
    }

    private Argument argument(String name) {
      var parameters = reason.code().parameters();
      for (var i = 0; i < parameters.size(); i++) {
        if (parameters.get(i).name().equals(name)) {
          return reason.arguments().get(i);
        }
      }
      throw new WordsFault(reason.code().code() + " is not told with \"" + name + "\"");
    }

    @Override
    public String text(String name) {
      return argument(name) instanceof Argument.Quantity quantity
          ? numbers.number(quantity.number().toDecimal())
          : say(argument(name));
    }

    @Override
    public BigDecimal number(String name) {
      return argument(name) instanceof Argument.Quantity quantity
          ? quantity.number().toDecimal()
          : BigDecimal.ONE;
    }

    @Override
    public String written(BigDecimal number) {
      return numbers.number(number);
    }
  }

  // Values

  /** A value as it is written within a sentence, a number with its unit. */
  public String say(Argument argument) {
    if (argument instanceof Argument.Money money) {
      return money(money);
    } else if (argument instanceof Argument.Quantity quantity) {
      return quantity(quantity);
    } else if (argument instanceof Argument.Day day) {
      return days.day(day.on());
    } else if (argument instanceof Argument.Month month) {
      return days.month(month.month());
    } else if (argument instanceof Who who) {
      return who(who);
    } else if (argument instanceof Argument.Told told) {
      return told.text();
    } else if (argument instanceof Argument.Term term) {
      return word(term.word());
    } else if (argument instanceof Missing missing) {
      return missing(missing);
    }
    return list(
        ((Argument.Several) argument).all().stream().map(this::say).distinct().toList());
  }

  private String money(Argument.Money money) {
    var euros = numbers.euros(money.amount());
    return money.each() == Frequency.ONCE
        ? euros
        : moneyEach.say(new EachPeriod(euros, word(money.each())));
  }

  /** A sum with its period. */
  private record EachPeriod(String money, String each) implements Template.Values {
    @Override
    public String text(String name) {
      return name.equals("money") ? money : each;
    }

    @Override
    public BigDecimal number(String name) {
      return BigDecimal.ONE;
    }

    @Override
    public String written(BigDecimal number) {
      return money;
    }
  }

  private String quantity(Argument.Quantity quantity) {
    return quantity.unit() == Unit.COUNT
        ? numbers.number(quantity.number().toDecimal())
        : catalogue
            .get("common.unit." + quantity.unit().word())
            .say(new Named(Map.of("n", quantity.number().toDecimal())));
  }

  /** Somebody of the household: by name, else by role. */
  public String who(Who who) {
    if (who.name() != null) {
      return who.name();
    }
    var role = say("common.who." + who.role().word());
    return who.which() == 1
        ? role
        : say("common.whichOf", "who", role, "which", BigDecimal.valueOf(who.which()));
  }

  /** Something that is not there: the question it answers, and whose it is. */
  public String missing(Missing missing) {
    var whose = missing.whose() == null ? null : who(missing.whose());
    if (missing.question().startsWith("paper.") || missing.question().startsWith("wanted.")) {
      var what = missing.question().startsWith("paper.")
          ? say("word.paperKind." + missing.question().substring("paper.".length()))
          : null;
      if (what == null) {
        var key = "common." + missing.question();
        return whose == null ? say(key + ".any") : say(key, "person", whose);
      }
      return whose == null ? what : say("common.paperOf", "paper", what, "person", whose);
    }
    var question = question(missing.question());
    if (whose != null) {
      return say("common.missing.of", "question", question, "person", whose);
    }
    return missing.row() == null
        ? say("common.missing.plain", "question", question)
        : say("common.missing.row", "question", question, "row", BigDecimal.valueOf(missing.row()));
  }

  /** A question by its key, as in {@code rentRelief.arrears.owed} or {@code household.people.birthDate}. */
  public String question(String key) {
    if (key.startsWith("household.") || key.equals("signatures")) {
      return say("household." + key.substring(key.indexOf('.') + 1));
    }
    var dot = key.indexOf('.');
    return say(key.substring(0, dot) + ".ask" + key.substring(dot));
  }

  /** A word of a vocabulary, as it stands within a sentence. */
  public String word(Word word) {
    var said = words.get(word);
    if (said == null) {
      said = say("word." + word.vocabulary() + "." + word.word());
      words.put(word, said);
    }
    return said;
  }

  public String date(LocalDate date) {
    return days.day(date);
  }

  public String number(long number) {
    return numbers.number(BigDecimal.valueOf(number));
  }

  public String euros(Amount amount) {
    return numbers.euros(amount);
  }

  /** Several as one: "a, b and c". */
  public String list(List<String> texts) {
    return texts.size() == 1 ? texts.get(0) : lists.format(texts);
  }

  // Services

  public String title(String service) {
    return say(service + ".title");
  }

  /** What a check of a service is about, in a few words. */
  public String check(String service, String id) {
    var colon = id.indexOf(':');
    var plain = colon < 0 ? id : id.substring(0, colon);
    var own = catalogue.find(service + ".check." + plain);
    return own == null ? say("rules.check." + plain) : own.say(new Named(Map.of()));
  }

  /** The items of a numbered list, as in {@code rentRelief.bring}. */
  public List<String> items(String key) {
    return catalogue.numbered(key).stream().map(this::say).toList();
  }

  /** What is granted, in words. */
  public String award(String service, Award award) {
    return new AwardWords(this).say(service, award);
  }

  // Messages

  /** A message by its key with what it is told with, names and values in turn; a number may be one. */
  public String say(String key, Object... namesAndValues) {
    var values = new HashMap<String, Object>();
    for (var i = 0; i < namesAndValues.length; i += 2) {
      values.put((String) namesAndValues[i], namesAndValues[i + 1]);
    }
    return catalogue.get(key).say(new Named(values));
  }

  /** Whether there is a message of the key. */
  public boolean has(String key) {
    return catalogue.find(key) != null;
  }

  /** All that is said in a file without being told anything, by its keys there. */
  public Map<String, String> labels(String file) {
    var labels = new TreeMap<String, String>();
    for (var key : catalogue.keys()) {
      var template = catalogue.get(key);
      if (key.startsWith(file + ".") && template.names().isEmpty()) {
        labels.put(key.substring(file.length() + 1), template.say(new Named(Map.of())));
      }
    }
    return labels;
  }

  /** A sentence's first letter as it stands at the beginning of a line. */
  public String capital(String text) {
    return text.isEmpty()
        ? text
        : text.substring(0, 1).toUpperCase(language.locale().toLocale()) + text.substring(1);
  }

  /** Values by their names: texts, numbers, or values of reasons. */
  private final class Named implements Template.Values {
    private final Map<String, ?> values;

    Named(Map<String, ?> values) {
      this.values = values;
    }

    private Object value(String name) {
      var value = values.get(name);
      if (value == null) {
        throw new WordsFault("nothing was told for \"" + name + "\"");
      }
      return value;
    }

    @Override
    public String text(String name) {
      var value = value(name);
      if (value instanceof BigDecimal number) {
        return numbers.number(number);
      } else if (value instanceof Argument argument) {
        return say(argument);
      } else if (value instanceof LocalDate date) {
        return days.day(date);
      }
      return String.valueOf(value);
    }

    @Override
    public BigDecimal number(String name) {
      return value(name) instanceof BigDecimal number ? number : BigDecimal.ONE;
    }

    @Override
    public String written(BigDecimal number) {
      return numbers.number(number);
    }
  }
}
