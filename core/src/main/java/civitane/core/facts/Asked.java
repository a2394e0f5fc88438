package civitane.core.facts;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** How an answer is asked for, beside what it looks like. */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.RUNTIME)
public @interface Asked {

  /** Whether an absent answer stands for something, which the words of the service say. */
  boolean optional() default false;

  /** Whether that there is none of a list is an answer of its own, told apart from nobody having been asked. */
  boolean orNone() default false;

  /** The key of an earlier answer that makes it apply. */
  String when() default "";

  /** The words of that answer that do. */
  String[] is() default {};

  /** The vocabulary of words that are proposed for a text; any other may be written. */
  Class<? extends Word> proposes() default Word.class;

  /** The key of an earlier answer that says which words of the vocabulary make sense. */
  String optionsBy() default "";

  /** The kinds of paper that the answer may call for. */
  PaperKind[] calls() default {};

  /** The kinds of paper that show the answer. */
  PaperKind[] shownBy() default {};

  /** The fact by which a register or the office's own books may know the answer. */
  String knownAs() default "";

  /** The roles of the people whom a list begins with. */
  Role[] begunFor() default {};

  /** Whose word counts. What is not the household's is never taken from it, only noted as told. */
  WhoseWord counts() default WhoseWord.HOUSEHOLD;

  /** Whether it is filled in from the office's books or set when the claim is worked, and nobody is asked. */
  boolean filledIn() default false;

  /** Whether it is for the person who works the claim alone: no rule reads it. */
  boolean forTheFile() default false;
}
