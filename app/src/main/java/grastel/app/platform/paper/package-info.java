/** Pages drawn as PDF: {@link grastel.app.platform.paper.PdfCanvas}; fonts, names that must be found, page breaks. */
package grastel.app.platform.paper;
