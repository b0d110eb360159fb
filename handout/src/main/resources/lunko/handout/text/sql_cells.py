# Run this cell first: it lets cells that begin with %%sql run on a database in memory.
import html
import sqlite3
from IPython.core.magic import register_cell_magic
from IPython.display import HTML, display

database = sqlite3.connect(":memory:", isolation_level=None)


@register_cell_magic
def sql(line, cell):
    statement = ""
    for part in cell.splitlines(keepends=True):
        statement += part
        if not sqlite3.complete_statement(statement):
            continue
        found = database.execute(statement)
        statement = ""
        if found.description is None:
            continue
        headings = "".join(f"<th>{html.escape(column[0])}</th>" for column in found.description)
        rows = "".join("<tr>" + "".join(cell_of(value) for value in row) + "</tr>" for row in found)
        display(HTML(f"<table><tr>{headings}</tr>{rows}</table>"))


def cell_of(value):
    return "<td><i>NULL</i></td>" if value is None else f"<td>{html.escape(str(value))}</td>"
