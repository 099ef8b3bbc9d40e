/**
 * What the commonest poses are called where other languages are spoken: German, French, Spanish, Italian, Dutch and
 * Portuguese, in that order; a name that is missing is usually said in Sanskrit or English there. From memory.
 */
export const NAMES_ABROAD: Readonly<Record<string, string>> = {
  mountain: 'Berg|Bergstellung|montagne|posture de la montagne|montaña|postura de la montaña|montagna|berghouding|montanha|postura da montanha',
  tree: 'Baum|Baumhaltung|arbre|posture de l’arbre|árbol|postura del árbol|albero|boom|boomhouding|árvore|postura da árvore',
  'warrior-one':
    'Krieger 1|Held 1|Heldenstellung 1|guerrier 1|guerrier I|guerrero 1|guerrero I|guerriero 1|guerriero I|krijger 1|strijder 1|guerreiro 1|guerreiro I',
  'warrior-two':
    'Krieger 2|Held 2|Heldenstellung 2|guerrier 2|guerrier II|guerrero 2|guerrero II|guerriero 2|guerriero II|krijger 2|strijder 2|guerreiro 2|guerreiro II',
  'warrior-three': 'Krieger 3|Held 3|guerrier 3|guerrier III|guerrero 3|guerrero III|guerriero 3|guerriero III|krijger 3|strijder 3|guerreiro 3|guerreiro III',
  triangle: 'Dreieck|Dreieckshaltung|posture du triangle|triángulo|postura del triángulo|triangolo|driehoek|triângulo|postura do triângulo',
  'extended-side-angle':
    'seitlicher Winkel|gestreckter seitlicher Winkel|angle latéral étiré|angle latéral|ángulo lateral extendido|ángulo lateral|angolo laterale esteso|angolo laterale|gestrekte zijhoek|ângulo lateral estendido',
  'standing-forward-fold':
    'Vorbeuge|stehende Vorbeuge|Vorwärtsbeuge|Vorbeuge im Stand|flexion avant debout|pince debout|flexión de pie|pinza de pie|flexión hacia delante de pie|piegamento in avanti in piedi|pinza in piedi|staande vooroverbuiging|vooroverbuiging|flexão em pé|flexão para a frente em pé',
  'half-forward-fold': 'halbe Vorbeuge|demi-flexion avant|media flexión|mezza flessione|halve vooroverbuiging|meia flexão',
  'chair-pose': 'Stuhl|Stuhlhaltung|posture de la chaise|chaise|postura de la silla|silla|sedia|posizione della sedia|stoelhouding|postura da cadeira|cadeira',
  eagle: 'Adler|aigle|posture de l’aigle|águila|aquila|adelaar|águia',
  'half-moon': 'Halbmond|demi-lune|media luna|mezza luna|halve maan|meia lua',
  dancer: 'Tänzer|Tänzerin|danseur|bailarín|bailarina|danzatore|danser|dançarino',
  goddess: 'Göttin|déesse|diosa|dea|godin|deusa',
  garland: 'Girlande|tiefe Hocke|Hocke|guirlande|guirnalda|sentadilla profunda|ghirlanda|guirlanda|diepe hurk|hurkzit|cócoras',
  'low-lunge': 'tiefer Ausfallschritt|niedriger Ausfallschritt|fente basse|zancada baja|affondo basso|lage uitvalspas|lage lunge|avanço baixo',
  'high-lunge': 'hoher Ausfallschritt|fente haute|zancada alta|affondo alto|hoge uitvalspas|hoge lunge|avanço alto',
  'wide-legged-fold':
    'Grätsche stehend|Vorbeuge in der Grätsche|flexion avant jambes écartées|flexión con piernas abiertas|piegamento a gambe divaricate|vooroverbuiging met gespreide benen|flexão com pernas afastadas',
  pyramid: 'Pyramide|pyramide|pirámide|piramide|pirâmide',
  'cat-cow':
    'Katze-Kuh|Katze Kuh|Katze und Kuh|chat-vache|chat vache|chat et vache|gato-vaca|gato vaca|gato y vaca|gatto-mucca|gatto mucca|gatto e mucca|kat-koe|kat koe|kat en koe|gato e vaca',
  'downward-facing-dog':
    'herabschauender Hund|Hund|nach unten schauender Hund|chien tête en bas|perro boca abajo|perro hacia abajo|cane a faccia in giù|cane a testa in giù|neerwaartse hond|omlaagkijkende hond|cachorro olhando para baixo|cão olhando para baixo|cachorro para baixo',
  'upward-facing-dog':
    'heraufschauender Hund|aufschauender Hund|chien tête en haut|perro boca arriba|cane a faccia in su|cane a testa in su|opwaartse hond|cachorro olhando para cima|cão olhando para cima',
  'childs-pose':
    'Kind|Stellung des Kindes|Kindhaltung|Kindshaltung|posture de l’enfant|enfant|postura del niño|niño|posizione del bambino|bambino|kindhouding|kindje|postura da criança|criança',
  plank: 'Brett|Planke|planche|plancha|tabla alta|asse|plancia|prancha',
  'forearm-plank':
    'Unterarmstütz|planche sur les avant-bras|plancha sobre antebrazos|plancha de antebrazos|plank sugli avambracci|onderarmplank|prancha de antebraços',
  'side-plank': 'Seitstütz|seitliches Brett|planche latérale|plancha lateral|plank laterale|zijplank|zijwaartse plank|prancha lateral',
  table:
    'Vierfüßler|Vierfüßlerstand|Bank|quatre pattes|table à quatre pattes|cuatro apoyos|cuadrupedia|quadrupedia|posizione quadrupedica|handen en knieën|kruiphouding|quatro apoios',
  cobra: 'Kobra|Kobrahaltung|posture du cobra|serpiente|postura de la cobra|posizione del cobra|cobrahouding|postura da cobra',
  'cobra.forearms': 'Sphinxhaltung|esfinge|sfinge|sfinx|posture du sphinx',
  locust: 'Heuschrecke|sauterelle|langosta|saltamontes|locusta|sprinkhaan|gafanhoto',
  bow: 'Bogen|arc|posture de l’arc|arco|boog|booghouding',
  camel: 'Kamel|chameau|camello|cammello|kameel|camelo',
  hero: 'Fersensitz|Heldensitz|posture du héros|héros|héroe|eroe|heldenzit|herói',
  pigeon: 'Taube|pigeon couché|posture du pigeon|paloma|piccione|duif|duifhouding|pombo',
  'supine-figure-four': 'liegende Taube|Nadelöhr|figure 4 allongée|paloma tumbada|figura cuatro tumbado|piccione supino|liggende duif|pombo deitado',
  bridge: 'Brücke|Schulterbrücke|pont|demi-pont|posture du pont|puente|medio puente|ponte|mezzo ponte|brug|schouderbrug|meia ponte',
  'seated-forward-fold':
    'sitzende Vorbeuge|Vorbeuge im Sitz|Zange|pince|flexion avant assise|pinza|pinza sentada|flexión sentada|pinza seduta|piegamento in avanti da seduti|zittende vooroverbuiging|flexão sentada|pinça',
  'head-to-knee': 'Kopf zum Knie|Kopf-Knie-Stellung|tête au genou|cabeza a la rodilla|testa al ginocchio|hoofd naar knie|cabeça ao joelho',
  butterfly: 'Schmetterling|papillon|posture du papillon|mariposa|farfalla|vlinder|vlinderhouding|borboleta',
  'reclined-butterfly': 'liegender Schmetterling|papillon allongé|mariposa tumbada|farfalla distesa|farfalla supina|liggende vlinder|borboleta deitada',
  'seated-straddle':
    'Grätsche|Grätsche im Sitz|sitzende Grätsche|écart assis|ángulo abierto sentado|divaricata seduta|zittende spreidzit|spreidzit|ângulo aberto sentado',
  staff: 'Stock|Stab|Langsitz|bâton|posture du bâton|bastón|bastone|stok|stafhouding|bastão',
  'easy-seat':
    'Schneidersitz|einfacher Sitz|bequemer Sitz|assise en tailleur|en tailleur|postura fácil|piernas cruzadas|posizione facile|gambe incrociate|kleermakerszit|makkelijke zit|postura fácil sentada|pernas cruzadas',
  boat: 'Boot|bateau|posture du bateau|barco|barca|boothouding|barca a remi',
  'half-lord-twist':
    'Drehsitz|halber Drehsitz|torsion assise au sol|media torsión|torsión de medio señor de los peces|mezza torsione|halve draaizit|meia torção',
  'seated-twist': 'sitzende Drehung|Drehung im Sitz|torsion assise|torsión sentada|torsión sentado|torsione seduta|zittende draaiing|torção sentada',
  'supine-twist':
    'liegende Drehung|Drehung im Liegen|liegender Twist|torsion allongée|torsion sur le dos|torsión tumbada|torsión tumbado|torsión supina|torsione supina|torsione da sdraiati|liggende draaiing|liggende twist|torção deitada',
  'knees-to-chest':
    'Knie zur Brust|Knie an die Brust|genoux sur la poitrine|genoux poitrine|rodillas al pecho|ginocchia al petto|knieën naar de borst|joelhos ao peito',
  'happy-baby': 'glückliches Baby|bébé heureux|bébé joyeux|bebé feliz|bambino felice|blije baby|bebê feliz',
  'legs-up-the-wall':
    'Beine an der Wand|Beine hoch an der Wand|jambes au mur|jambes contre le mur|piernas en la pared|piernas arriba en la pared|gambe al muro|gambe alla parete|benen tegen de muur|benen omhoog tegen de muur|pernas na parede',
  'shoulder-stand': 'Schulterstand|Kerze|chandelle|posture sur les épaules|vela|parada de hombros|candela|schouderstand|kaars',
  plough: 'Pflug|charrue|arado|aratro|ploeg',
  fish: 'Fisch|poisson|pez|pesce|vis|peixe',
  headstand: 'Kopfstand|posture sur la tête|poirier|parada de cabeza|verticale sulla testa|hoofdstand|pouso sobre a cabeça|parada de cabeça',
  'final-rest':
    'Endentspannung|Schlussentspannung|Totenstellung|Entspannung|relaxation finale|posture du cadavre|relajación final|relajación|postura del cadáver|rilassamento finale|rilassamento|posizione del cadavere|eindontspanning|ontspanning|lijkhouding|relaxamento final|relaxamento|postura do cadáver',
  'side-bend':
    'Seitbeuge|Seitbeugen|Seitneigung|flexion latérale|inclinaison latérale|flexión lateral|inclinación lateral|flessione laterale|piegamento laterale|zijbuiging|zijwaartse buiging|flexão lateral|inclinação lateral',
  'neck-side-stretch': 'Ohr zur Schulter|oreille à l’épaule|oreja al hombro|orecchio alla spalla|oor naar schouder|orelha ao ombro',
  'shoulder-roll':
    'Schulterkreisen|Schultern kreisen|rouler les épaules|cercles d’épaules|círculos de hombros|giros de hombros|rotazione delle spalle|cerchi con le spalle|schouders rollen|schouderrollen|rotação dos ombros',
  'arm-raise':
    'Arme heben|Arme hoch|lever les bras|bras en l’air|subir los brazos|elevar los brazos|sollevare le braccia|braccia in alto|armen heffen|armen omhoog|elevar os braços',
  puppy: 'Welpe|chiot|cachorrito|cucciolo|puppyhouding',
  'thread-the-needle':
    'Nadel einfädeln|Faden durchs Nadelöhr|enfiler l’aiguille|enhebrar la aguja|hilo en la aguja|infilare l’ago|draad door de naald|enfiar a linha na agulha',
  'opposite-arm-and-leg':
    'diagonaler Vierfüßler|bras et jambe opposés|brazo y pierna contrarios|braccio e gamba opposti|diagonale arm en been|braço e perna opostos',
  gate: 'Tor|Torhaltung|posture de la porte|puerta|cancello|poorthouding|portão',
  'cow-face-legs': 'Kuhgesicht|tête de vache|visage de vache|cara de vaca|muso di mucca|faccia di mucca|koeienkop|koeienkophouding|cara de vaca sentada',
  crocodile: 'Krokodil|Bauchlage|crocodile à plat ventre|cocodrilo|coccodrillo|krokodil|jacaré',
  'pelvic-tilt':
    'Becken kippen|Beckenkippen|bascule du bassin|basculación pélvica|báscula pélvica|retroversione del bacino|bascula del bacino|bekkenkanteling|bekken kantelen|báscula pélvica deitada',
  lion: 'Löwe|posture du lion|león|leone|leeuw|leão',
  frog: 'Frosch|grenouille|rana|kikker|sapo',
  dolphin: 'Delfin|dauphin|delfín|delfino|dolfijn|golfinho',
  'alternate-nostril-breath': 'Wechselatmung|respiration alternée|respiración alterna|respirazione a narici alternate|wisselademhaling|respiração alternada',
  'humming-breath': 'Bienensummen|Bienenatmung|respiration de l’abeille|respiración de la abeja|respirazione dell’ape|bijenademhaling|respiração da abelha',
  'three-part-breath':
    'volle Yogaatmung|vollständige Yogaatmung|respiration complète|respiración completa|respirazione completa|volledige ademhaling|respiração completa',
  'constructive-rest':
    'Rückenlage mit aufgestellten Füßen|sur le dos jambes pliées|tumbado con rodillas flexionadas|supini con ginocchia piegate|rugligging met gebogen knieën|deitado com joelhos flexionados',
};
