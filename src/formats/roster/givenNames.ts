import { remembered } from './remembered';
import { plainWords } from './text';
import { words } from './words';

/**
 * Usual given names of many languages that are seldom family names, as `plainWords` writes them. Where the name of a father
 * is the family name, as Ahmed or Hassan is, it is left out: it would tell of one student as two. They only decide between
 * two ways to read a whole list, by how many of them stand where; that a name is not among them says nothing of it.
 */
const GIVEN_NAMES: ReadonlySet<string> = new Set(
  words(`
  nia|bo|ase|tuva|hester|iker|femke|radu|lwazi|tadhg|sindre|ifeoma|mirela|wanjiru|noor|elke|quirin|solveig|runa|
  kjetil|marit|xanthe|ondrej|bram|chipo|dov|fay|gil|gita|ivo|kiran|milo|nela|oki|osei|parisa|padma|quinn|rhea|rasmus|
  runar|sanna|siri|snezana|sorcha|tamsin|tendai|thandi|thabo|tove|trine|tyra|udo|ulla|unai|vigdis|vilde|wilma|xiao|
  yosef|yvo|zadie|zahra|zola|bilge|burak|ceren|cem|defne|deniz|ece|ela|elvan|emine|esra|kerem|leyla|merve|murat|nazli|
  ozan|pinar|sibel|tolga|zehra|adebayo|adjoa|afia|akosua|ama|amara|ayodele|babajide|bongani|chinedu|chinwe|ebele|efua|
  ekow|emeka|folake|ikenna|jabu|kwabena|lerato|mandla|mbali|naledi|nkosana|nomsa|nneka|obinna|olumide|sipho|temitope|
  thulani|uche|wambui|yetunde|zawadi|zodwa|aino|eero|ilmari|jarkko|jukka|kaisa|mikko|outi|pekka|riikka|sini|taina|
  tuomas|ville|agata|alicja|bartek|dagmara|ewelina|halina|jacek|jaroslaw|jerzy|kamil|kinga|ludwik|maciej|magda|
  malwina|mikolaj|oliwia|ola|przemek|radoslaw|szymon|tymon|wiktor|zbigniew|zosia|adriana|bence|bela|csaba|dorottya|
  eszter|gabor|gergely|istvan|janos|katalin|laszlo|levente|marton|mate|reka|tibor|zsofia|zsolt|bohdan|daryna|iryna|
  kateryna|mykola|nataliia|oksana|oleksandr|olha|taras|vasyl|yulia|yulija|anh|dung|hoa|huong|lan|linh|minh|ngoc|
  phuong|quynh|thao|thuy|trang|tuan|aarti|amit|asha|deepa|gaurav|ishaan|isha|jaya|kunal|lakshmi|manish|meera|mohan|
  nikhil|pooja|prakash|rajesh|rekha|ritu|sanjana|shreya|sunita|tanvi|vijay|vivek|haru|hinata|itsuki|kenta|mio|naoki|
  ren|riko|rin|sota|takumi|yui|yuto|aaliyah|aarav|abby|abigail|ada|adele|adeline|aditi|aditya|adrien|agathe|agnieszka|
  aicha|aidan|aiden|aiko|ainhoa|aisha|aishwarya|akira|aksel|alain|alana|alba|alejandra|alejandro|aleksandra|alena|
  alessandra|alessandro|alessia|alex|alexandra|alexandre|alexandros|alexis|alfie|alice|alicia|alina|alisha|alison|
  aliyah|alma|alvaro|alyssa|amal|amanda|amandine|amber|amelia|amelie|amina|aminata|amira|amrita|amy|ana|anaelle|anais|
  ananya|anastasia|andrea|andreas|andrei|andres|andrew|andrzej|angela|angelica|angelina|angelo|anika|anita|anja|
  anjali|anke|ann|anna|anne|anneke|annika|anouk|ansel|antoine|antonella|antonia|antonio|anton|antonin|anya|aoife|
  april|archie|ariana|arianna|arjun|armando|arturo|ashley|asja|asma|astrid|athena|aubrey|audrey|august|aurelie|aurora|
  ava|axel|ayaan|aya|ayesha|ayse|ayumi|barbara|bartosz|beata|beatrice|beatriz|beatrix|ben|benedikt|benjamin|
  bernadette|bethany|bianca|birgit|bjorn|blanca|bogdan|boris|brandon|brenda|brian|brianna|brigitte|brooke|bruno|
  caitlin|caleb|callum|camila|camille|carina|carl|carla|carlo|carlos|carmela|carmen|carol|carolina|caroline|caterina|
  catarina|catherine|cecile|cecilia|celia|celine|chantal|charlie|charlotte|chelsea|chiara|chidi|chioma|chloe|chris|
  christelle|christian|christina|christine|christoph|christophe|christopher|cian|ciara|cillian|claire|clara|claudia|
  clemence|colette|connor|conor|constance|corinne|cristian|cristiana|cristina|cynthia|daan|dagmar|daisuke|daisy|
  damian|damien|dana|daniela|daniele|danielle|danny|daphne|daria|dario|darius|david|davide|deborah|declan|deepak|
  delphine|denise|diana|diego|dieter|dilan|dimitri|dimitris|dina|divya|diya|dmitri|dmitry|dominik|dominika|dominique|
  donna|dora|dorota|dorothy|dylan|ebba|edith|eduardo|eileen|eilidh|ekaterina|elena|eleni|eleonora|elif|elijah|elin|
  elina|elisa|elisabeth|elise|eliza|elizabeth|ella|ellen|ellie|elodie|eloise|elsa|emanuele|emil|emilia|emilie|emilio|
  emily|emir|emma|emmanuel|emmanuelle|emre|enrico|enrique|enzo|eric|erica|erik|erika|erin|ernesto|esme|esperanza|
  estelle|esteban|esther|ethan|eugenia|eun ji|eva|evan|eve|evelyn|evgenia|ewa|fabian|fabien|fabio|fabrizio|farah|
  fatima|fatma|fatou|federica|federico|felicity|felix|fernanda|fernando|filip|filippo|finley|finn|fiona|flavia|fleur|
  flora|florence|florian|francesca|francesco|francisca|francisco|franziska|frederic|frederik|freya|frida|fynn|gabriel|
  gabriela|gabriele|gabriella|gabrielle|gael|gaelle|garima|gemma|georgia|georgina|gerald|gianluca|gianna|gina|giorgia|
  giorgio|giorgos|giovanna|giovanni|gisele|giulia|giulio|giuseppe|gloria|gonzalo|grace|greta|grzegorz|guadalupe|
  guillermo|gustavo|gwen|hadiza|hana|hanna|hannah|hannes|hans|harriet|harry|haruki|haruto|hazel|heather|hector|heidi|
  heike|helen|helena|helene|helga|hendrik|henri|henrik|henrike|hiba|hilary|hiroshi|holly|hugo|ida|ignacio|igor|ikram|
  ilaria|ilse|imogen|ines|inga|ingrid|irene|irina|iris|isa|isabel|isabella|isabelle|isaiah|isla|ivan|ivana|ivy|
  izabela|jack|jacob|jacqueline|jade|jadwiga|jaime|jake|jakob|jakub|jana|jane|janet|janina|janine|jasmin|jasmine|
  jason|javier|jayden|jean|jeanne|jelena|jenna|jennifer|jenny|jens|jeremy|jerome|jesper|jessica|jesus|jimena|joana|
  joanna|joanne|joao|joaquin|jocelyn|joel|johan|johanna|johannes|jolene|jonas|jonathan|jorge|jorn|jose|josefina|
  josephine|josh|joshua|josie|juan|juana|judith|julia|julian|juliana|julie|julien|juliet|juliette|julio|jurgen|
  justine|justyna|kai|karen|karin|karina|karl|karolina|kasia|katarina|katarzyna|kate|katerina|katharina|katherine|
  kathleen|kathrin|katie|katja|katrin|kavya|kayla|keiko|keira|kelechi|ken|kenji|kerstin|kevin|khadija|kiara|kieran|
  kirsten|kjell|klara|klaus|kofi|konstantin|kostas|kristen|kristin|kristina|krystyna|krzysztof|kwame|kyle|kylie|kyra|
  laetitia|laila|lara|larissa|lars|lasse|latisha|laura|laurence|lauren|layla|lea|leah|leandro|leila|lena|lenka|leo|
  leon|leonardo|leoni|leonie|leonor|leticia|lia|liam|liesbeth|lieke|lili|liliana|lilly|lily|lina|linda|lindsay|linnea|
  lisa|liv|livia|liz|lola|loic|lorena|lotta|lotte|louisa|louise|luana|luc|luca|lucas|lucia|luciana|lucie|lucille|lucy|
  ludovic|luigi|luis|luisa|luise|luiz|luka|lukas|lukasz|luke|luna|lydia|lynn|maddison|madeleine|madison|mads|mae|
  maelle|magdalena|maggie|maja|maisie|malak|malgorzata|malin|malte|manon|manuel|manuela|marcel|marcela|marcelo|marcin|
  marco|marcos|marcus|marek|margaret|margarita|margaux|margot|mareike|maria|mariam|mariana|marianne|marie|mariella|
  marija|marina|mario|marisol|marissa|mariusz|marjolein|markus|marlene|marta|martha|martina|mary|maryam|massimo|mateo|
  mateusz|mathieu|mathilde|mathis|matilda|matteo|matthew|matthias|matthieu|matthijs|mauricio|max|maxim|maxime|
  maximilian|maya|megan|mehmet|mei|meike|melanie|melina|melissa|mercedes|merel|mia|micaela|michael|michaela|michal|
  michele|michelle|miguel|mika|mikkel|mila|milan|milena|milica|mina|mira|miranda|miriam|mirjam|moira|molly|mona|
  monica|monika|monique|moritz|myriam|nadia|nadine|nadja|naima|naomi|natalia|natalie|natascha|natasha|nathalie|nathan|
  nathaniel|neha|nele|nerea|niamh|nicholas|nicola|nicole|niklas|niko|nikola|nikolai|nikos|nils|nina|ninon|noah|noe|
  noelia|noemi|nora|norah|noura|nuno|nuria|octavia|odette|oleg|olena|olga|olive|olivia|olivier|oluwaseun|orla|orsolya|
  oscar|oskar|pablo|paige|pamela|paola|paolo|pascale|patricia|patrycja|paula|paulina|pauline|pavel|pawel|pedro|
  penelope|perrine|petra|philip|philipp|philippa|philippe|phoebe|pia|pierre|pietro|pilar|pippa|piotr|poppy|priscilla|
  priya|quentin|rachel|rafael|raffaele|rahul|raisa|ralf|ramona|rania|raphael|raquel|raul|ravi|rebecca|regina|reinhard|
  renata|renate|rhys|ricardo|riccardo|rita|roberta|roberto|robin|rocio|rodrigo|rohan|romy|ronja|rosa|rosalie|rosalind|
  rosario|rosemary|rosie|roxane|ruben|rui|ruth|sabine|sabrina|sadia|saga|sakura|salma|salome|sam|samantha|samira|
  samuel|sander|sandra|sandrine|sanjay|sanne|sara|sarah|sasha|saskia|scarlett|sean|sebastian|sebastiao|sebastien|
  selin|serena|sergei|sergio|shakira|shannon|sharon|shirin|siamak|sienna|sigrid|silke|silvia|simone|simona|sina|
  siobhan|sofia|sofie|sonia|sonja|sophia|sophie|soren|stacey|stefan|stefania|stefanie|stefano|stella|stephanie|steven|
  stijn|susan|susana|susanna|susanne|suzanne|svea|sven|svenja|svetlana|sylvain|sylvia|sylvie|tamara|tamika|tanja|
  tanya|tara|tatiana|tatjana|teresa|tess|tessa|thea|theo|theresa|therese|thibault|thijs|tiago|tiffany|till|tilda|tim|
  timo|timothy|tina|tobias|tom|tomas|tomasz|toni|torben|tristan|ulrich|ulrike|uma|ursula|ute|uwe|vaclav|valentin|
  valentina|valeria|valerie|vanessa|vasilis|vera|verena|veronica|veronika|veronique|victoria|vikram|viktor|viktoria|
  vincenzo|viola|violet|virginie|vivian|vivienne|vladimir|wanda|wendy|wiktoria|willem|wojciech|wolfgang|wout|xavier|
  ximena|xenia|yael|yann|yannick|yara|yasmin|yasmine|yolanda|yuki|yuna|yusra|yvette|yvonne|zachary|zainab|zara|zeynep|
  zoe|zofia|zoltan|zuzana|zuzanna`),
);

/** The words a name begins with: "Juan" of "Juan Carlos", "Anna-Lena" by its first half as well. */
const begins = remembered((name): boolean => {
  const [first = '', second = ''] = plainWords(name).split(' ');
  return !name.includes('@') && (GIVEN_NAMES.has(first) || GIVEN_NAMES.has(`${first} ${second}`));
});

/** How many of these names begin with a usual given name. */
export const givenAmong = (names: readonly string[]): number => names.filter(begins).length;

/**
 * Which of two columns of parts of names holds the given names, by the usual ones in each: two at least, a sixth of the
 * rows, and four times as many as in the other; null where that is not so.
 */
export function givenColumn(
  first: readonly string[],
  second: readonly string[],
): 'first' | 'second' | null {
  const [inFirst, inSecond] = [givenAmong(first), givenAmong(second)];
  const most = Math.max(inFirst, inSecond);
  if (most < 2 || most * 6 < first.length || most < 4 * Math.min(inFirst, inSecond)) return null;
  return inFirst > inSecond ? 'first' : 'second';
}

/** Whether each of several columns holds usual given names, two at least and two in five: people side by side, not their parts. */
export const allGiven = (columns: readonly (readonly string[])[]): boolean =>
  columns.length > 1 &&
  columns.every((names) => givenAmong(names) >= Math.max(2, names.length * GIVEN_OF_ALL));

const GIVEN_OF_ALL = 0.4;
