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
  zoe|zofia|zoltan|zuzana|zuzanna|
  anders|arne|astri|bente|birger|birgitte|bodil|borghild|brage|cecilie|dagny|eirik|eivind|ellinor|embla|endre|erlend|
  espen|fredrik|frode|froydis|geir|gerd|gudrun|gunhild|gyda|haakon|hakon|halvor|hedda|hedvig|helge|henning|herman|
  hilde|hogne|idun|ingeborg|ingunn|ingvild|jarle|joakim|jorunn|jostein|kari|kjersti|knut|kristoffer|leif|lise|magne|
  maren|marius|marthe|mathias|morten|njal|oddvar|odin|oystein|petter|ragna|ragnhild|rolf|ronny|sigmund|signe|silje|
  sissel|solvi|steinar|stig|stine|sturla|sunniva|svein|synne|synnove|tarjei|terje|thor|thora|tomine|tone|tora|
  torbjorn|tord|tore|torill|torstein|torunn|trond|trygve|turid|unni|vegard|vibeke|vidar|viljar|yngve|agnes|agneta|
  alva|alvar|asta|aron|barbro|bengt|bertil|bjarne|brita|britta|christer|disa|edvin|egon|einar|elvira|emelie|engla|
  erland|evert|gerda|gosta|gunilla|gustaf|gustav|hanne|henrietta|henriette|hillevi|hilma|hjalmar|ingela|ingemar|
  ingmar|jannike|jonatan|jonna|jorgen|josefin|judit|kajsa|linus|lisbet|lova|lovisa|majken|marika|marita|mattias|mats|
  melker|mette|mikael|mimmi|niels|nikolaj|ninni|noel|olof|olov|ottilia|otto|palle|pelle|peder|pernilla|pontus|preben|
  ragnar|rikard|rikke|roland|rune|sigge|sixten|sofus|stellan|stina|sture|susann|sverker|sylve|tage|tekla|thorvald|
  thyra|tiril|torsten|troels|tyko|ulrik|valdemar|viggo|vilgot|vilhelm|villads|vilma|wille|winnie|yrsa|ylva|aatu|aila|
  annikki|anni|antti|arto|eemeli|eetu|eeva|eevi|eija|elli|ensio|essi|hannu|harri|heikki|heli|helmi|henna|hilla|iida|
  iina|iiris|iivo|inka|irja|jaakko|jani|janne|jari|joona|juhani|juho|jussi|kaarina|kaarlo|kaija|kalle|katri|kerttu|
  kimmo|kirsi|krista|kyllikki|lari|lassi|lauri|leena|leevi|liisa|maija|marja|marjatta|markku|matti|merja|mervi|minna|
  mirja|niina|niilo|nooa|olavi|oona|oskari|paavo|paivi|pasi|petri|pilvi|pirjo|raija|reijo|reino|riina|riitta|ritva|
  saana|saara|sakari|sami|samu|sanni|seija|seppo|silja|sirpa|taavi|tapani|tapio|tarja|teemu|tellervo|terhi|tiina|
  toivo|tuija|tuomo|tuukka|tuulia|tyyne|unto|urho|vaino|valtteri|veera|veikko|venla|vesa|viivi|vilho|viljami|
  aleksander|ania|antoni|arkadiusz|bartlomiej|blanka|blazej|boguslaw|bozena|czeslaw|danuta|dariusz|dawid|edyta|eryk|
  franciszek|genowefa|gosia|grazyna|hanka|ignacy|irena|iwona|jagoda|janusz|jedrzej|jolanta|kacper|kaja|kajetan|kasper|
  kazimierz|konrad|kornelia|krystian|lech|leszek|lidia|liwia|lucja|lucjan|mariola|maryla|matylda|milosz|miroslaw|
  nikodem|norbert|olaf|otylia|patryk|piotrek|rafal|roksana|ryszard|slawomir|stanislaw|sylwia|tadeusz|teodor|tola|
  urszula|weronika|wieslaw|wieslawa|witold|wladyslaw|wojtek|zdzislaw|zenon|zuzia|zygmunt|adela|ales|alois|barbora|
  bohumil|bohuslav|borivoj|denisa|drahomira|eliska|frantisek|hedvika|honza|hynek|ilona|ivona|jarmila|jaromir|jarmil|
  jaroslav|jindrich|jindriska|jirina|jitka|josef|kamila|karel|klaudie|kristyna|kveta|kvetoslava|ladislav|leos|libor|
  libuse|lubomir|ludek|marketa|matej|milada|miloslav|milos|miroslava|nikol|oldrich|ondra|otakar|patrik|pavlina|petr|
  prokop|premysl|radek|radim|radka|radovan|rostislav|ruzena|sarka|slavomir|stanislava|stepan|stepanka|svatopluk|
  tadeas|tereza|vendula|viktorie|vitezslav|vladislav|vlasta|vlastimil|vojtech|vratislav|zbynek|zdena|zdenek|zdenka|
  ajla|aleksa|amar|ante|anto|azra|bisera|bogdana|bojan|bojana|borislav|branimir|branislav|branka|branko|damir|danijel|
  danijela|danilo|dejan|denis|dijana|dino|dragan|dragana|drazen|dubravka|dunja|dusan|edin|elma|elmedin|emina|fuad|
  goran|goranka|gordana|ilija|irfan|ivica|jadranka|jasmina|jelka|josip|jovan|jovana|jusuf|kristijan|ksenija|lejla|
  ljiljana|ljubica|marijana|marinko|mateja|matija|matko|mihajlo|mihailo|miljan|milorad|mirjana|mirko|mirza|mladen|
  momcilo|nada|natasa|nebojsa|nedim|nemanja|nenad|nevena|nermin|nikolina|ognjen|predrag|radomir|ratko|sabina|sanda|
  sanela|sanja|sasa|sead|senad|sinisa|slavica|slavko|slobodan|spela|srdjan|stanko|stevan|stjepan|suada|suzana|
  svetozar|tihana|tihomir|tomislav|tomo|uros|vanja|vedran|velimir|vesna|vjekoslav|vladan|vlado|vojislav|zdravko|
  zeljka|zeljko|zlatan|zlatko|zoran|zorana|zorica|zvonimir|zvonko|alexei|aleksei|aleksey|alyona|anatoly|andrey|arkady|
  arseny|artem|artyom|darya|evgeny|fyodor|galina|gennady|grigory|ilya|inessa|kirill|klavdia|ksenia|larisa|leonid|
  lidiya|liubov|ludmila|lyubov|lyudmila|maksim|marat|marfa|matvei|mikhail|nadezhda|nastya|natalya|nikita|oleksii|
  olesya|pavlo|polina|ruslan|ruslana|sergey|snezhana|sofiya|svitlana|tatyana|timofei|timur|ulyana|vadim|valentyna|
  valeriya|vasily|viacheslav|vitaly|volodymyr|vyacheslav|yana|yaroslav|yegor|yekaterina|yelena|yevgeny|yuliya|yuri|
  yuriy|yury|zhanna|zinaida|zoya|anca|andreea|aurelia|aurica|catalin|catalina|claudiu|codrin|corina|cosmin|costel|
  crina|dacian|dorin|doru|dragos|ecaterina|emanoil|flaviu|florentina|florin|florina|gelu|horatiu|horia|ileana|ilinca|
  ioan|ioana|ionel|ionut|irinel|iulia|iulian|iuliana|laurentiu|lavinia|liviu|loredana|lucian|luminita|madalin|
  madalina|mihaela|mihai|mihnea|mircea|neculai|nicoleta|nicusor|octavian|oana|ovidiu|petronela|raluca|razvan|remus|
  rodica|roxana|ruxandra|silviu|sorin|sorina|stela|tiberiu|traian|vasile|viorel|viorica|virgil|akos|aliz|anett|aniko|
  arpad|attila|balint|barnabas|bernadett|boglarka|boldizsar|borbala|botond|brigitta|csenge|csilla|denes|dezso|edina|
  emese|eniko|erzsebet|fanni|ferenc|geza|gergo|gyongyi|gyorgy|gyula|hajnalka|ildiko|imre|ivett|izabella|janka|jozsef|
  krisztian|krisztina|lajos|lilla|matyas|melinda|mihaly|miklos|nandor|nikolett|oszkar|panna|piroska|robert|rozalia|
  sandor|szabolcs|szilard|szilvia|tamas|timea|vendel|vilmos|virag|zita|zsanett|zsuzsa|zsuzsanna|agathi|alekos|
  anastasios|angeliki|antonis|apostolos|areti|argyro|aristea|athanasia|athina|charalambos|charis|christos|despina|
  dimitra|eftychia|eirini|eleftheria|elpida|evangelia|evangelos|fotini|fotis|giannis|glykeria|grigoris|ilias|ioanna|
  ioannis|kalliopi|konstantina|kyriaki|kyriakos|lefteris|magdalini|makis|manolis|marilena|marios|michalis|myrto|
  nefeli|nektarios|nikoleta|odysseas|panagiota|panagiotis|panos|paraskevi|pavlos|persefoni|petros|pinelopi|popi|
  sotiris|spyros|stavros|stelios|stratos|tasos|thanasis|thanos|themis|theodora|theodoros|thodoris|vaggelis|vasiliki|
  vassilis|xenofon|yannis|yiannis|yiorgos|adem|alev|alper|altay|anil|arzu|asya|atakan|aycan|ayca|ayla|aylin|aynur|
  aysegul|aysel|aysenur|aysun|aytac|aytekin|baran|basak|batuhan|bedirhan|begum|berat|beren|berfin|beril|berkay|berke|
  berna|betul|beyza|bugra|burcu|busra|cansu|cemil|cemile|cengiz|ceyda|ceylan|cihan|cigdem|dilara|dilek|dogus|duygu|
  ebru|ecem|egemen|elanur|emel|emrah|eray|eren|ergun|erhan|erkan|erol|ersin|ertugrul|esin|eylul|fadime|ferhat|feride|
  feyza|figen|firat|fulya|furkan|gamze|gizem|gokce|gokhan|gonca|gonul|gozde|gulay|gulcan|gulden|gulsah|gulsen|gulsum|
  gurkan|guven|hacer|halime|handan|hande|hatice|hilal|huseyin|hulya|idil|ilayda|ilkay|ilknur|irmak|ismet|kaan|kader|
  kadir|kenan|kerim|koray|korhan|kubra|lale|levent|mehtap|melek|melis|melisa|melike|meltem|mert|mesut|mete|miray|muge|
  muhammet|mujde|nalan|necla|nehir|neslihan|nesrin|nihal|nihan|nihat|nilay|nilgun|nilufer|nuray|nurcan|nursel|okan|
  oguz|oguzhan|olcay|omer|onur|oyku|ozge|ozgur|ozlem|pelin|recep|reyhan|ruya|sedat|seda|sedef|selcuk|selda|selen|
  selim|selma|semih|semra|serap|serdar|serhat|serkan|serpil|sevda|sevgi|sevil|sevim|sevinc|simge|sinan|sinem|songul|
  sude|suheyla|suzan|tayfun|taylan|tolgahan|tugba|tugce|tulin|tulay|tuncay|tunc|turgut|ufuk|umit|ugur|ulku|volkan|
  yagiz|yagmur|yaren|yasemin|yavuz|yelda|yeliz|yeter|yigit|yildiray|yonca|yusuf|zafer|zeki|zeliha|zerrin|zubeyde|
  zuhal|abeer|amani|anas|areej|arwa|assia|ayah|aziza|bahia|bouchra|bushra|chaima|chaimae|dalal|dalia|dania|doaa|donia|
  duaa|eman|esraa|fadwa|farida|faris|faten|fatiha|fatoumata|fawzia|ghada|ghizlane|habiba|hadeel|hafsa|hajar|hala|
  hanaa|hanan|haneen|hania|hasna|hayat|heba|hend|houda|houria|huda|ibtissam|ilham|iman|imane|inaya|insaf|intissar|
  isra|jalila|jamila|joud|jumana|kaouthar|karima|kenza|khadra|khalida|khaoula|kawtar|lamia|lamya|layal|layan|leen|
  loubna|lubna|lujain|lulwa|maisa|malika|manal|manar|mariem|marwa|maysa|meriem|mounia|muna|nabila|nadira|nahla|najat|
  najla|najwa|narjes|nasreen|nawal|nayla|nesrine|nermeen|nisrine|noha|nouhaila|nour|oumaima|ousama|rabab|rabia|raghad|
  rahma|raja|rana|rand|rasha|rawan|razan|reem|reema|rouba|roula|ruba|rula|sabah|saba|sabrine|safaa|safia|sahar|saida|
  samah|samar|samiha|samya|sanaa|sarra|sawsan|shahd|shaima|shatha|sherine|siham|sirine|soha|soukaina|souad|suha|
  suhaila|sumaya|tahani|tala|taqwa|thuraya|wafa|widad|wijdan|wissam|yasmeen|yasmina|yazan|yomna|yosra|yousra|zaina|
  zeina|zeinab|zineb|zohra|aadhya|aanya|aarohi|abhay|abhinav|abhishek|adarsh|advait|ahana|ajay|akanksha|akash|akhil|
  akshay|akshita|alka|amita|aniket|anirudh|anisha|anju|ankit|ankita|anmol|anupama|anuradha|anusha|anushka|aparna|
  apoorva|arnav|arohi|arun|aruna|arush|arvind|aryan|ashish|ashok|ashwin|atharv|avani|avinash|avni|ayush|bhavana|
  bhavesh|bhavya|bhumika|chaitanya|chandni|charu|chetan|chirag|chitra|darshan|deepika|devansh|devika|dhruv|diksha|
  dilip|dipti|divyansh|esha|farhan|gauri|gautam|gayatri|geeta|harini|harpreet|harsha|harshit|hemant|hemlata|himanshu|
  ishan|ishani|ishika|ishita|jaspreet|jatin|jayant|jaydeep|jyoti|kabir|kajal|kalpana|kalyani|kamala|kanika|karthik|
  kartik|kavita|keerthi|ketan|khushi|kirti|komal|kritika|lakshay|lavanya|madhav|madhavi|madhuri|mahima|maitreyi|mamta|
  manasi|manav|manisha|manju|manoj|mansi|meena|meenakshi|meghna|mihir|mitali|mohini|mohit|monisha|mridula|mukul|
  muskan|nakul|namrata|nandini|naveen|navya|neelam|neeraj|neeta|neetu|nidhi|nilesh|nimisha|nirav|nirmala|nisha|
  nishant|nishita|nitin|nitya|ojas|omkar|pallavi|pankaj|parvati|piyush|poonam|prachi|pradeep|pragya|pranav|pranjal|
  prashant|pratibha|pratik|pratyush|praveen|preeti|prerna|prithvi|priyanka|puja|pulkit|puneet|purnima|raghav|rajat|
  rajendra|rajiv|rajni|ramya|rashmi|ratna|reena|renu|reyansh|richa|riddhi|rishabh|rishi|ritika|riya|rohini|rohit|
  roshni|ruchi|rupali|rutuja|saanvi|sachin|sagar|sahana|sahil|saket|sakshi|samarth|sandeep|sandhya|sangeeta|sanjeev|
  sanket|santosh|sarika|sarita|sarthak|satish|saumya|saurabh|seema|shaan|shailesh|shalini|shambhavi|shanaya|shantanu|
  sharmila|shashank|shefali|shilpa|shivam|shivani|shlok|shobha|shraddha|shruti|shubham|shweta|siddharth|simran|smita|
  smriti|sneha|sonal|sonali|sonam|sourav|srinivas|srishti|suchitra|sudha|sudhir|sujata|sulekha|suman|sumit|sunil|
  suraj|sushma|swapnil|swara|swati|tanishq|tanmay|tarun|trisha|tushar|uday|ujjwal|urvashi|utkarsh|uttam|vaibhav|
  vaishnavi|vandana|vani|varsha|varun|vasudha|vedant|vidhi|vidya|vihaan|vijaya|vikas|vinay|vineet|vinod|vipin|vipul|
  vishakha|vishal|vivaan|yash|yashvi|yogesh|yuvraj|abena|abiola|abimbola|abisola|abosede|adaeze|adaobi|adeola|adesola|
  adetokunbo|adunni|afua|akinyi|akua|akwasi|alhassan|amadi|amaka|ayanda|ayobami|ayomide|azubuike|bamidele|binta|
  bolanle|bukola|bunmi|busisiwe|chiamaka|chibuike|chibuzo|chidera|chidiebere|chidinma|chijioke|chima|chimamanda|
  chinonso|chizoba|chukwudi|chukwuemeka|damilola|dayo|dumisani|ebube|efosa|ejike|ekene|emmanuella|enitan|ezinne|femi|
  folasade|funke|funmilayo|gathoni|gugulethu|ifeanyi|ifeyinwa|ikechukwu|itumeleng|iyabo|jelani|jide|kagiso|kamogelo|
  karabo|kehinde|keletso|kgosi|khanyisile|khosi|kojo|kwadwo|kwaku|kwesi|lindiwe|lungile|lwando|mamadou|masego|mpho|
  mthunzi|nakato|ngozi|njeri|nkechi|nkiru|nokuthula|nompumelelo|nomvula|nonhlanhla|nonso|ntombi|nyambura|nyokabi|
  obiageli|odion|oghenekaro|okechukwu|olabisi|olamide|olanrewaju|olayinka|oluchi|olufemi|olufunmilayo|olusegun|
  oluwadamilola|oluwatobi|omolara|omotola|onyeka|onyinye|osagie|oumar|ousmane|puleng|refilwe|sanele|segun|sekou|seun|
  seynabou|sibusiso|sifiso|siphokazi|sizwe|somtochukwu|tafadzwa|tapiwa|tatenda|tebogo|thandeka|thandiwe|themba|thembi|
  thokozani|tinashe|titilayo|tochukwu|tolu|tolulope|toyin|tsholofelo|tshepo|tumelo|tunde|udoka|ugochi|ugonna|unathi|
  uzoma|wanja|wanjiku|wangari|yewande|zandile|zanele|zinhle|zintle|zoleka|zuri|chen wei|chia hao|haoran|haoyu|jiahao|
  jianhua|jiayi|jiaxin|jinghan|jingyi|junjie|liling|meifen|meiling|mingze|ruihan|ruoxi|siyu|tingting|weijie|weiwei|
  wenjing|xiaoli|xiaoming|xinyi|xinyu|xiuying|yating|yawen|yichen|yifan|yihan|yiming|yingying|yitong|yixuan|yuchen|
  yuhan|yujie|yunfei|yutong|yuxin|yuxuan|zhihao|zhiwei|zihan|zimo|zixuan|ziyi|akari|akemi|akihiro|akiko|asami|asuka|
  atsuko|ayaka|ayame|ayano|chiaki|chihiro|chiyo|daichi|daiki|eiji|emiko|fumiko|haruka|haruna|hayato|hideki|hideo|
  hikari|hina|hiroki|hiroko|hiromi|hiroto|hitomi|hotaru|izumi|junichi|junko|kaede|kaito|kana|kanako|kaori|kasumi|
  katsumi|kazuki|kazuko|kazuo|keita|kenichi|kiyoshi|koji|kokoro|kota|kouki|kumiko|kyoko|makoto|mako|manami|mariko|
  masaki|masami|masato|mayu|mayuko|mayumi|megumi|michiko|midori|miho|miki|minako|minori|misaki|mitsuki|miyu|miyuki|
  mizuki|momoka|momoko|nanami|naoto|natsuki|natsumi|noriko|reiko|risa|ryoko|ryota|ryuji|sachiko|saki|satomi|satoru|
  satoshi|sayaka|sayuri|seiji|setsuko|shigeru|shin|shinji|shiori|shota|shun|sora|sosuke|souta|subaru|sumire|taiga|
  takashi|takeshi|takuma|tamiko|taro|tatsuya|tomoe|tomoki|tomoko|tomomi|toshiko|tsubasa|tsukasa|wakana|yamato|yasuko|
  yoko|yoshiko|yosuke|youta|yuina|yuji|yuka|yukari|yukiko|yukina|yumi|yumiko|yusuke|yuta|yuuki|yuzuki|dayeon|dohyun|
  doyun|eunbi|eunji|eunjung|gaeun|gyuri|haeun|haneul|hayun|hayoon|heejin|hyejin|hyeon|hyojin|hyunjin|hyunjung|hyunwoo|
  inseo|jaehyun|jaewon|jihoon|jihu|jihun|jihye|jimin|jinho|jisoo|jisu|jiwon|jiwoo|jiyeon|jiyoung|jongmin|joowon|
  juhyun|junho|junseo|junwoo|kyungmin|minho|minjae|minji|minjun|minkyu|minseo|minsu|miyoung|nayeon|saebom|sangmin|
  seojin|seojun|seoyeon|seoyun|seungmin|sieun|sohee|soojin|soyeon|subin|sujin|sumin|sungmin|sunhee|taehyun|taeyang|
  wonbin|woojin|yeji|yejin|yejun|yeonwoo|yerin|yewon|yoona|younghee|yubin|yujin|yunseo|aoibheann|aoibhinn|ailbhe|
  ailis|ailish|aisling|aislinn|alannah|ardal|brid|bronagh|caoimhe|caolan|caragh|cathal|ciaran|clodagh|criostoir|
  darragh|deirdre|dermot|diarmuid|donal|donncha|eabha|eamon|eimear|eimhear|eithne|eoghan|eoin|fearghal|ferdia|fiadh|
  finnian|fintan|fionn|fionnuala|gearoid|grainne|grania|iarlaith|imelda|keelin|laoise|lorcan|maeve|mairead|malachy|
  meabh|muireann|niall|nollaig|nuala|odhran|oisin|orlaith|padraic|padraig|peadar|phelim|proinsias|rian|roisin|ronan|
  ruairi|ruairc|sadhbh|saoirse|saorlaith|seamus|senan|shane|sile|sinead|siun|tadgh|tiarnan|treasa|ultan|ailsa|
  alasdair|alastair|catriona|innes|kirsty|lachlan|mairi|morag|morven|murdo|ruaridh|alun|aneurin|anwen|arwel|bethan|
  branwen|bronwen|cadi|carwyn|carys|catrin|celyn|ceridwen|cledwyn|dafydd|delyth|dewi|dilwyn|dilys|eilir|einir|eirlys|
  eleri|elis|eluned|emlyn|emyr|enfys|eurig|ffion|geraint|gethin|glenys|gruff|gruffydd|guto|gwenllian|gwenno|gwilym|
  gwyneth|gwynfor|hefin|heledd|heulwen|hywel|idris|iestyn|ieuan|ifan|iolo|islwyn|iwan|lleucu|llinos|llion|llyr|lowri|
  macsen|mabon|maldwyn|mali|mared|mari|meirion|meleri|menna|meredith|mirain|myfanwy|nerys|nesta|olwen|osian|peredur|
  rhian|rhiannon|rhodri|rhydian|seren|sian|sioned|siwan|steffan|tegan|tesni|tirion|tomos|trefor|ynyr`),
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
