<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Reading;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;

/** What the sizes of a room hang on that nobody has read near, or that nothing else checks: however small their doubt, they are not settled. */
final readonly class Trust
{
    /** @var array<string, list<Unread>> by target */
    private array $unread;

    public function __construct(private Sizes $sizes, Reach $reach, private Slips $slips, private Behind $behind, private Bends $bends)
    {
        $unread = ['clear_width' => [], 'flank_left' => [], 'flank_right' => []];
        foreach (Side::cases() as $side) {
            array_push($unread[$this->ofSide($side)], ...($sizes->space->side($side) === SideKind::Wall ? (new FaceRead($sizes, $side))->unread($reach) : []));
        }
        $this->unread = $unread;
    }

    /**
     * @param  list<float>  $mean  the room as learned, mm
     */
    public function weighed(Target $target, array $mean, float $doubt): Weighed
    {
        return new Weighed($target->name, $target->value($mean), $doubt, $target->enough,
            $this->unread($target->name, $mean), $this->slips->hiddenIn($target, $mean),
            $this->slips->suspectIn($target, $mean), $this->behind->of($target, $mean));
    }

    /**
     * Steps first: an edge slid over one finds nothing else.
     *
     * @param  array<int, float>  $mean
     * @return list<Unread>
     */
    private function unread(string $target, array $mean): array
    {
        $bent = fn (Side $side): array => $this->ofSide($side) === $target ? $this->bends->of($side, $mean) : [];

        return [...$bent(Side::Left), ...$bent(Side::Right), ...$this->unread[$target] ?? []];
    }

    /** The size that hangs on a side. */
    private function ofSide(Side $side): string
    {
        return $this->sizes->space->kind->hasBreast() ? "flank_{$side->value}" : 'clear_width';
    }

    /** The same where it is on the list already, and still to be taken; else itself. */
    public function listed(Reading $asked): Reading
    {
        $shape = json_encode(ReadingWriter::shape($asked), JSON_THROW_ON_ERROR);
        $alike = array_filter($this->sizes->space->readings,
            fn (Reading $r): bool => ! $r->isTaken() && json_encode(ReadingWriter::shape($r), JSON_THROW_ON_ERROR) === $shape);

        return array_values($alike)[0] ?? $asked;
    }

    /**
     * @param  list<string>  $ids
     * @return list<Reading>
     */
    public function again(array $ids): array
    {
        return array_map(fn (string $id): Reading => $this->sizes->space->readings[$id], $ids);
    }
}
