/** The show: two tables, their join, and every step of it. Views are fed by {@link ShowModel} alone. */
package lunko.desktop.show;

import lunko.desktop.show.model.ShowModel;
