/** How Lunko looks, as far as it is not in the stylesheet: fonts, phrases, the glyph of a kind. */
package lunko.desktop.look;
