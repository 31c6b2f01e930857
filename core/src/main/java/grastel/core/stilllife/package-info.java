/** Pictures to draw from, made by code: things a harbour leaves behind, in one clear light. Start at {@link grastel.core.stilllife.HarbourFind}. */
package grastel.core.stilllife;
