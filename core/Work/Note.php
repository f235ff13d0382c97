<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** Something that the hand has to know at an operation; its words stand in `lang/`. */
final readonly class Note
{
    /**
     * @param  list<Length>  $lengths  That the words name, in their order
     * @param  string|Message  $said  What else they name: angles, a code; or what the judgement has said
     */
    public function __construct(public NoteKind $kind, public array $lengths = [], public string|Message $said = '')
    {
    }

    /** @return list<self> The faces from which a machine takes its bearings; none where the sheet names none */
    public static function datumFaces(SpecificationSheet $sheet): array
    {
        $faces = array_column($sheet->datumFaces, 'words');

        return $faces === [] ? [] : [new self(NoteKind::DatumFaces, said: implode(', ', $faces))];
    }
}
