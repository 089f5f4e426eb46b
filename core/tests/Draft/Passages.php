<?php

declare(strict_types=1);

namespace Notagram\Tests\Draft;

/** Short passages about bees, one in each language whose words are known. Our own words; the numbers are common knowledge of beekeepers. */
final class Passages
{
    public const ENGLISH = <<<'TEXT'
        The year of a colony

        A honey bee colony is a single family that lives through many years. The queen is the only fully developed female in the hive and the mother of all the others. A worker is a female bee that raises no young of her own. The drone is the male bee of the colony and has no sting. Royal jelly is the milky food that young workers feed to every larva at first.

        A queen takes 16 days from egg to emergence. A worker takes 21 days, and a drone needs 24 days. In summer a queen may lay up to 2,000 eggs a day. She is fed by her attendants. A summer worker lives about 6 weeks, but a winter bee can live for 6 months.

        In 1851 L. L. Langstroth worked out that bees leave a passage of about 8 mm free between combs. His hive was patented in 1852. Karl von Frisch described the waggle dance, and in 1973 he received the Nobel Prize in Stockholm. Propolis is the resin that bees collect from buds and use to seal small cracks. Beeswax is the material that workers sweat from glands on the abdomen.

        A colony of 20,000 workers needs some 15 kg of stores for the winter. The brood nest is kept at 35 °C. Honey with more than 20 % water may ferment in the jar, e.g. in a warm room.
        TEXT;

    private const GERMAN = <<<'TEXT'
        Die Königin ist die Mutter aller Bienen im Volk. Eine Arbeiterin ist eine weibliche Biene ohne eigene Nachkommen. Der Drohn ist das männliche Tier des Volkes. Das Wachs ist der Baustoff der Waben im Stock. Die Königin braucht 16 Tage vom Ei bis zum Schlüpfen. Eine Arbeiterin braucht 21 Tage und der Drohn 24 Tage. Am 14. März 1909 sprach Prof. Dr. Zander z. B. über Krankheiten der Bienen. Der Honig hat höchstens 18,5 % Wasser. Ein Volk braucht im Winter etwa 15 kg Futter. Guter Honig hat selten mehr als 20 % Wasser.
        TEXT;

    private const FRENCH = <<<'TEXT'
        L'abeille est un insecte social de l'ordre des hyménoptères. La reine est la seule femelle féconde de la ruche. Le faux-bourdon est le mâle de la colonie et n'a pas de dard. La propolis est une résine que les abeilles récoltent sur les bourgeons. La reine met 16 jours de l'œuf à l'éclosion. L'ouvrière met 21 jours à se développer. En été la reine pond jusqu'à 2 000 œufs par jour.
        TEXT;

    private const SPANISH = <<<'TEXT'
        La reina es la madre de todas las abejas de la colonia. El zángano es el macho de la colonia y no tiene aguijón. El propóleo es una resina que las abejas recogen de las yemas. La obrera es la hembra que recoge el néctar de las flores. La reina tarda 16 días desde el huevo hasta la salida. La obrera tarda 21 días en nacer. Un panal tiene unas 7.000 celdas en sus dos caras.
        TEXT;

    private const ITALIAN = <<<'TEXT'
        La regina è la madre di tutte le api della colonia. Il fuco è il maschio della colonia e non ha il pungiglione. La propoli è una resina che le api raccolgono dalle gemme. La regina impiega 16 giorni dall'uovo alla nascita. L'operaia impiega 21 giorni per svilupparsi. Un favo ha circa 7.000 celle sulle due facce.
        TEXT;

    private const DUTCH = <<<'TEXT'
        De koningin is de moeder van alle bijen in het volk. De dar is het mannetje van het volk en heeft geen angel. De werkster is een vrouwtje dat nectar uit de bloemen haalt. De koningin doet er 16 dagen over van ei tot geboorte. De werkster doet er 21 dagen over. Een volk heeft in de winter ongeveer 15 kg voer nodig.
        TEXT;

    private const PORTUGUESE = <<<'TEXT'
        A rainha é a mãe de todas as abelhas da colônia. O zangão é o macho da colônia e não tem ferrão. A própolis é uma resina que as abelhas colhem dos botões. A rainha leva 16 dias do ovo até o nascimento. A operária leva 21 dias para se desenvolver. Um favo tem cerca de 7.000 células nos dois lados.
        TEXT;

    /** @return array<string, string> */
    public static function all(): array
    {
        return ['English' => self::ENGLISH, 'German' => self::GERMAN, 'French' => self::FRENCH, 'Spanish' => self::SPANISH, 'Italian' => self::ITALIAN, 'Dutch' => self::DUTCH, 'Portuguese' => self::PORTUGUESE];
    }
}
