/** Sheets as cards with windows, for paper that no printer takes. Start at {@link grastel.app.sheets.card.Cards}. */
package grastel.app.sheets.card;
