/** The stage at hand that is no join: the rows before it, the rows after it, and the strip of all stages. */
package lunko.desktop.show.rows;
