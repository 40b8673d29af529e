package nimblefurrow.core.practice;

import nimblefurrow.core.quantity.Coded;

/** What is drawn to be judged, with the question and the range of an answer. */
public enum Exercise implements Coded {
  HEADS("heads", "Heads", "How many of a hundred heads are past flowering?", "%", 100),
  STEMS("stems", "Stems", "How many of a hundred stems are yellow from below?", "%", 100),
  STAND("stand", "Stand", "How many plants stand in the frame?", "plants", 150),
  QUADRAT("quadrat", "Ground cover", "How much of the ground is green?", "%", 100),
  MAT("mat", "Kill", "How much of the cover is dead?", "%", 100),
  SKY("sky", "Sky", "How much of the sky is cloud?", "%", 100);

  private final String code;
  private final String words;
  private final String question;
  private final String unit;
  private final int most;

  Exercise(String code, String words, String question, String unit, int most) {
    this.code = code;
    this.words = words;
    this.question = question;
    this.unit = unit;
    this.most = most;
  }

  @Override
  public String code() {
    return code;
  }

  /** Its name, such as "Ground cover". */
  public String words() {
    return words;
  }

  /** What is asked. */
  public String question() {
    return question;
  }

  /** Of what an answer is. */
  public String unit() {
    return unit;
  }

  /** The highest answer; the lowest is 0. */
  public int most() {
    return most;
  }

  /** Whether it is judged how far a field's stems are, which moves a date. */
  public boolean movesDates() {
    return this == HEADS || this == STEMS;
  }
}
