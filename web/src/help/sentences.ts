/** What a value of a sheet does, by what it is called; `#` stands for any number. */
const SENTENCES: Record<string, string> = {
  "name of the piece": "How the piece is called in the stack, in Proof and in lists.",
  // Words
  words: "What is read. Braces name a column of a roster, as {name}; Enter begins a line.",
  "font family": "The typeface of the chosen words, each shown in its own letters.",
  "font of the house":
    "The font of the house that the words follow: they change with it. Or a font of their own.",
  weight: "How heavy the strokes of the letters are, each shown in its own letters.",
  "weight as a number": "How heavy the strokes are, also between the weights that have a name.",
  "font size": "The height of the typeface in pixels of the frame; capitals are about 70 % of it.",
  "cap height": "The height of a capital letter in pixels of the frame.",
  "size measures": "Whether the size is the typeface's own or the height of its capitals.",
  tracking:
    "Space added between letters, in thousandths of the size; less than 0 draws them closer.",
  "colour of the words": "Whether the chosen words have the text's paint or a colour of their own.",
  "own colour": "The colour of the chosen words alone.",
  alignment: "On which side the lines of a text meet.",
  leading: "From one line to the next, as times the size.",
  "word spacing": "Space added between words, in thousandths of the size.",
  "axis of the font":
    "What of a variable font can be chosen steplessly, from its least to its most.",
  figures: "How high figures stand: as capitals do, or rising and falling as small letters do.",
  "width of figures":
    "Tabular figures are all alike wide: they stand below each other and do not jump.",
  ligatures: "Letters that are drawn as one, such as fi.",
  "other forms of letters": "Shows letters in another form that the font has for them.",
  capitals: "Shows the words as typed, in capitals or in small capitals; what you typed stays.",
  "line ends": "Whether points and dashes at the ends of lines may hang out of the box.",
  box: "Whether the text takes the room it needs or keeps within a box.",
  "width of the box": "How wide lines may become before the fit rule acts.",
  "height of the box": "How tall the lines together may become before the fit rule acts.",
  "lines in the box": "Where the lines lie in a box that is taller than they are.",
  fit: "What happens to words that do not fit: smaller, narrower, on more lines, or refused.",
  "smallest share": "How far the words may be made smaller or narrower before they are too long.",
  "limit of lines": "Whether a text may wrap as often as it needs.",
  "most lines": "On how many lines a text may wrap before it is too long.",
  insert: "Puts this sign where the caret stands.",
  // Code
  "what the code says":
    "What a camera reads from it, most often an address. Braces name a column of a roster, as {link}.",
  side: "How wide and high the code with its rim is, in pixels of the frame.",
  "ink of the code": "What the dark modules are drawn in. Dark on light is what all cameras read.",
  "rim, modules": "How far the ground reaches beyond the code; the standard wants 4 modules.",
  "share that may be hidden":
    "How much of the code may be covered or spoilt and it is read all the same; more of it makes smaller modules.",
  // Shape
  shape: "The outline of the plate. Its paint and finishes stay when it changes.",
  width: "In pixels of the frame. Sums are read too: 1920/2.",
  height: "In pixels of the frame. Sums are read too: 1080-96.",
  ends: "Whether a rule ends square or round.",
  "number of corners": "How many corners a regular polygon has.",
  "number of points": "How many points a star has.",
  "depth of the notches": "How far the notches between the points reach towards the middle.",
  "place of the tip": "Where the tip stands along the top: 0 % on the left, 100 % on the right.",
  "length of the point": "How far the point of a chevron reaches.",
  "slant of the left end": "How far the left end leans.",
  "slant of the right end": "How far the right end leans.",
  corner: "In which corner of its box the wedge fills.",
  "corner radius": "How round all corners are.",
  radius: "How round this corner is.",
  "rounding of the corners": "How round all corners are.",
  point: "Where this corner lies, as a share of the box.",
  "add a point after point": "Puts a corner halfway to the next one.",
  "take away point": "Straightens the outline past this corner.",
  "back a piece": "The plate grows and moves with what it backs.",
  "do not back": "The plate no longer follows this piece.",
  "padding on all sides": "One padding for all four sides, or one for each.",
  padding: "How far the plate reaches beyond what it backs.",
  // Picture
  picture: "Which of the package's pictures is shown.",
  "fit of the picture": "How the picture fills its box: whole, covering it, or stretched.",
  crop: "How much is cut off on this side, as a share of the picture.",
  "page of the picture": "Which page of the file is shown.",
  "colours of the picture":
    "Shows the picture in its own colours, one colour, a gradient, or changed ones.",
  tint: "The one colour that the picture is shown in.",
  "tint angle": "The direction from the gradient's first colour to its last.",
  "low level": "What is as dark as this becomes black.",
  "high level": "What is as light as this becomes white.",
  "middle level": "Above 1 lightens the tones between black and white, below 1 darkens them.",
  "light and dark": "Keeps light and dark, or exchanges them.",
  "turn of the hues": "Moves all colours round the circle of hues.",
  saturation: "How strong the colours are: 0 is grey, 1 as they are.",
  lightness: "Lightens or darkens all colours.",
  colour: "A colour in any form: #12495a, rgb(18 73 90), teal. The square opens a panel.",
  "colour becomes": "What this colour of the picture is replaced with.",
  "keep colour": "Leaves this colour as it is.",
  // Cut-out
  "ground of the picture":
    "How the picture's own ground is taken away: by colour, brightness or marks.",
  "colour of the ground":
    "Takes the ground's colour from the picture's border, or one that you name.",
  "ground colour": "The colour that is taken away.",
  "tolerance of the cut-out": "How far a colour may be from the ground's and still go.",
  "softness of the cut-out": "Over how wide a span of colours it fades instead of ending.",
  "where the ground goes": "Only what touches the border, or the ground's colour everywhere.",
  "shadows and glows":
    "Whether what lies softly on the ground stays thin beneath what is drawn, or goes along as solid.",
  "as the picture tells": "Sets tolerance, edges and the rest as the picture asks for.",
  "low point of the cut-out": "Brightness at which it is all gone.",
  "high point of the cut-out": "Brightness at which all of it stays.",
  "curve of the cut-out": "Above 1 keeps more of the tones between, below 1 less.",
  "cut-out edge moved outwards": "Grows what is left; less than 0 shrinks it and hides a fringe.",
  "cut-out edge softened": "Blurs the edge of what is left.",
  "holes filled under": "Holes of fewer pixels than this are filled.",
  "specks dropped under": "Specks of fewer pixels than this are dropped.",
  "mark from the left": "Where the mark lies in the picture's own pixels.",
  "mark from the top": "Where the mark lies in the picture's own pixels.",
  // Group
  scale: "Makes the group and all in it larger or smaller.",
  // Place
  "pin: point": "The point of the frame, margin or other piece that this piece hangs from.",
  "pin: area": "What it hangs from: the frame, a safe area, your own margin, or another piece.",
  "pin: own point": "The point of the piece itself that is held there.",
  "offset sideways": "How far it lies from its pin, sideways.",
  sideways: "To the right or to the left of its pin.",
  "offset up or down": "How far it lies from its pin, up or down.",
  "up or down": "Below or above its pin.",
  "turn in degrees": "Turned clockwise about the point that it is held by.",
  // Paint
  "kind of paint": "What the inside is filled with.",
  "gradient direction in degrees":
    "From the first colour to the last: 0° to the right, 90° downwards.",
  "gradient start": "Where the first colour ends, as a share of the way across the box.",
  "gradient end": "Where the last colour begins, as a share of the way across the box.",
  "middle across": "Where the gradient's middle lies: 0 % on the left, 100 % on the right.",
  "middle down": "Where the gradient's middle lies: 0 % on top, 100 % below.",
  "gradient radius": "How far out the last colour begins, as a share of half the diagonal.",
  "shape of the gradient": "Round, or stretched as its box is.",
  "gradient stops": "The colours of the gradient, by where they lie.",
  "stop: position": "Where this colour lies between the gradient's start and its end.",
  "stop: colour": "The colour here. At 0 % solid what lies behind shows.",
  "take away stop": "The colours beside it meet.",
  "add a stop": "Puts a colour between the last two.",
  "turn round": "Exchanges the beginning and the end.",
  "picture of the paint": "Which of the package's pictures fills the face.",
  "fit of the paint": "How the picture fills the face: covering, whole, or stretched.",
  pattern: "Which of the patterns fills the face; press to see them.",
  "ink of the pattern": "The colour of what is drawn.",
  "ground of the pattern": "The colour between; at 0 % solid what lies behind shows.",
  "width of a repetition":
    "How wide the pattern is before it begins again, in pixels of the frame.",
  "turn of the texture": "Turns the rows clockwise.",
  "turn of the pattern": "Turns the rows clockwise.",
  "texture offset to the right": "Moves where a repetition begins.",
  "texture offset downwards": "Moves where a repetition begins.",
  "pattern offset to the right": "Moves where a repetition begins.",
  "pattern offset downwards": "Moves where a repetition begins.",
  "face opacity": "How solid the inside is. Outline, halo and all other finishes stay as they are.",
  "overall opacity": "How solid everything of the piece is, finishes too.",
  "painted or cut": "Paints, or cuts its shape out of what lies behind it.",
  // Finishes
  "what the finishes go round": "Round the group as one shape, or round each of its pieces.",
  ": on": "Switches the finish off without losing its values.",
  "move the up": "Draws it further back than others of its kind.",
  "move the down": "Draws it further in front of others of its kind.",
  "take the away": "Takes the finish away.",
  "add an": "Adds this finish with values that suit the piece.",
  "add a": "Adds this finish with values that suit the piece.",
  "finish set": "Finishes kept under a name: what follows it changes with it everywhere.",
  "name of the finish set": "Pieces of the whole package can follow it by this name.",
  "outline width": "How thick the line is, in pixels of the frame.",
  "outline side": "Outside, on or inside the edge.",
  "outline corners": "How the line goes round a corner: round, pointed or cut off.",
  "relief width": "How far the slope reaches inwards from the edge.",
  "relief raised or sunk": "Whether the face stands out or lies deeper.",
  "relief profile": "How the slope rises: round, straight or soft.",
  "relief depth": "How steep the slope is.",
  "relief light from": "Where the light comes from: 0° from the right, -90° from above.",
  "relief light height": "How high the light stands: 90° is straight above.",
  "relief light": "The colour of slopes that face the light.",
  "relief light opacity": "How strong the lit slopes are.",
  "relief shade": "The colour of slopes that turn away.",
  "relief shade opacity": "How strong the shaded slopes are.",
  "soften reach": "Over how many pixels the edge fades.",
  "soften side": "Whether it fades outwards, inwards or both ways.",
  distance: "How far it falls, in pixels of the frame.",
  angle: "Where it falls: 0° to the right, 90° downwards.",
  reach: "How far from the edge it has faded to nothing.",
  firmness: "How much of the reach stays solid before it fades.",
  opacity: "How solid it is, on top of its colour.",
  "under the face": "Whether it shows through a thin face or stops at its edge.",
  // Rosters
  "what a row decides": "Leaves something open for the rows of a roster to fill in.",
  column: "The column of the roster that decides it.",
  "leave it as designed": "Rows no longer decide it.",
  "piece of this row": "The text that gets a size of its own in this row.",
  "size in this row": "The size in this row alone; the design stays.",
  // Arranging
  "line up with": "What pieces are lined up with: the frame, a safe area or each other.",
  align: "Moves the pieces until their sides or middles meet.",
  "space evenly": "Makes the gaps between the pieces equal.",
};

const FINISHES = "outline|halo|shadow|inset|rim|relief|soften";
const UNITS =
  /, (percent|degrees|degrees clockwise from the right|thousandths of the size|times the size|clockwise)$/;

/** Forms of a label, from what it says in full to its last words. */
function* forms(label: string): Generator<string> {
  const plain = label
    .toLowerCase()
    .replace(UNITS, "")
    .replace(UNITS, "")
    .replace(/^font family:.*/, "font family")
    .replace(/: (choose|how solid)$/, "")
    .replace(/^stop \d+:/, "stop:")
    .replace(/^point \d+:.*/, "point")
    .replace(/^colour \d+/, "colour");
  yield plain;
  yield plain.replace(/ \d+/g, "");
  const ofFinish = new RegExp(`^(${FINISHES})( \\d+)?(:? )?`).exec(plain);
  if (ofFinish) {
    const rest = plain.slice(ofFinish[0].length).replace(/^stop \d+:/, "stop:");
    yield `${ofFinish[1]} ${rest}`;
    yield rest === "on" ? ": on" : rest;
    yield rest.replace(/ \d+/g, "");
  }
  yield plain.replace(new RegExp(` (${FINISHES})( \\d+)?`), "");
  for (const [long, short] of BEGINNINGS) if (plain.startsWith(long)) yield short;
}

/** Labels that go on with a name or a side. */
const BEGINNINGS = [
  ["insert", "insert"],
  ["weight:", "weight"],
  ["axis of the font", "axis of the font"],
  ["other forms of letters", "other forms of letters"],
  ["radius", "radius"],
  ["crop", "crop"],
  ["padding", "padding"],
  ["do not back", "do not back"],
  ["add a point", "add a point after point"],
  ["align", "align"],
  ["space evenly", "space evenly"],
  ["add an", "add an"],
  ["add a", "add a"],
] as const;

/** What the value of this label does, in a line; nothing for one that is not known. */
export function helpOf(label: string): string | undefined {
  for (const form of forms(label)) {
    const sentence = SENTENCES[form];
    if (sentence) return sentence;
  }
  return undefined;
}
