/** What SQL alone cannot carry over. */
package grastel.app.keeping.migrations;
