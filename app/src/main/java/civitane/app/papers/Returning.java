package civitane.app.papers;

import civitane.app.staff.Staff;

/** Letters that come back undelivered. */
public interface Returning {
  /** Notes, within the transaction that sorts what came, that a letter did not reach anybody; whether its code is of one. */
  boolean cameBack(Staff.Colleague by, String code);
}
