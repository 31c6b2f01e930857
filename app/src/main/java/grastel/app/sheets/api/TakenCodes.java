package grastel.app.sheets.api;

/** Printed pages of other places than sheets, whose codes no printing may have: a page is told by its code alone. */
public interface TakenCodes {
    /** @param code of a printing, see {@link grastel.core.page.PageCode} */
    boolean isTaken(String code);
}
