<?php

declare(strict_types=1);

namespace Incastro\Core\Queries;

use Incastro\Core\Document\Model\Face;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Need;
use Incastro\Core\Survey\Room;
use Incastro\Core\Survey\Surveyor;

/** A moulding that goes round a room, put on all its walls at once, each as long as its wall; edited wall by wall after. */
final class AllAround
{
    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, mixed>  $thing  as a document holds it, wherever it is
     * @param  \Closure(): string  $newId
     * @return list<array<string, mixed>> the operations that add it, the back wall's first
     *
     * @throws DocumentRejected when the document cannot be read
     */
    public static function ops(array $document, string $space, array $thing, \Closure $newId): array
    {
        $project = ProjectReader::read($document);
        $in = $project->spaces[$space] ?? throw new \OutOfBoundsException("No space by that id: $space.");
        $room = (new Surveyor($project->workshop, $project->unit))->survey($in, Need::wholeOf($in));
        $ops = [];
        foreach (self::walls($room) as $face => $length) {
            $own = $length === null ? [] : ['width' => $length->millimetres()];
            $ops[] = ['op' => 'add', 'path' => ['spaces', $space, 'things', $newId()], 'value' => ['face' => $face, 'across' => 0] + $own + $thing];
        }

        return $ops;
    }

    /** @return array<string, Length|null> how long each wall is, by face; null where nobody has read it */
    private static function walls(Room $room): array
    {
        $walls = [Face::Back->value => $room->isMeasured() ? $room->sizes->width : null];
        foreach (Side::cases() as $side) {
            if ($room->space->side($side) === SideKind::Wall) {
                $walls[$side->value] = $room->depth[$side->value] ?? null;
            }
        }

        return $walls;
    }
}
