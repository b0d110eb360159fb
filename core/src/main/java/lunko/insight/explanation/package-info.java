/** Why a row is there or is not, which words a stage comes from, and what a stage does at a glance. */
package lunko.insight.explanation;
