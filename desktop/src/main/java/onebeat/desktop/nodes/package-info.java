/// Small pieces that all views are made of: texts, rows, scroll panes, pools of shapes.
@NullMarked
package onebeat.desktop.nodes;

import org.jspecify.annotations.NullMarked;
