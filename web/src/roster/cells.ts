/** A cell by its row's and its column's place in what is shown. */
export interface Cell {
  row: number;
  column: number;
}

/** Where a key leads from a cell; nothing if it leads nowhere. */
export function moved(
  cell: Cell,
  key: string,
  shift: boolean,
  rows: number,
  columns: number,
): Cell {
  const last = { row: rows - 1, column: columns - 1 };
  switch (key) {
    case "ArrowUp":
      return { ...cell, row: Math.max(0, cell.row - 1) };
    case "ArrowDown":
    case "Enter":
      return { ...cell, row: Math.min(last.row, cell.row + 1) };
    case "ArrowLeft":
      return { ...cell, column: Math.max(0, cell.column - 1) };
    case "ArrowRight":
      return { ...cell, column: Math.min(last.column, cell.column + 1) };
    case "Home":
      return { ...cell, column: 0 };
    case "End":
      return { ...cell, column: last.column };
    case "PageUp":
      return { ...cell, row: Math.max(0, cell.row - 10) };
    case "PageDown":
      return { ...cell, row: Math.min(last.row, cell.row + 10) };
    case "Tab": {
      const at = cell.row * columns + cell.column + (shift ? -1 : 1);
      if (at < 0 || at >= rows * columns) return cell;
      return { row: Math.floor(at / columns), column: at % columns };
    }
    default:
      return cell;
  }
}

/**
 * The cells of a block on the clipboard: tabs between them, a line a row. Spreadsheets put cells that
 * hold line breaks or tabs in quotation marks.
 */
export function block(text: string): string[][] {
  const rows: string[][] = [[]];
  let cell = "";
  let quoted = false;
  const endCell = () => {
    rows[rows.length - 1]?.push(cell);
    cell = "";
  };
  const plain = text.replace(/\r\n?/g, "\n").replace(/\n$/, "");
  for (let i = 0; i < plain.length; i++) {
    const sign = plain.charAt(i);
    if (quoted) {
      if (sign === '"' && plain[i + 1] === '"') {
        cell += '"';
        i++;
      } else if (sign === '"') {
        quoted = false;
      } else {
        cell += sign;
      }
    } else if (sign === '"' && cell === "") {
      quoted = true;
    } else if (sign === "\t") {
      endCell();
    } else if (sign === "\n") {
      endCell();
      rows.push([]);
    } else {
      cell += sign;
    }
  }
  endCell();
  return rows;
}

/** A cell as a spreadsheet takes it from the clipboard. */
export function forClipboard(text: string): string {
  return /[\t\n"]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text;
}
