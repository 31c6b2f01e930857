/** What a stack is warned of and what would change it: {@link grastel.core.layering.advice.Advice}, {@link
 * grastel.core.layering.advice.WhatIf}. */
package grastel.core.layering.advice;
