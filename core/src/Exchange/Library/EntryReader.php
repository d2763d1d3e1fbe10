<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Library;

use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** An entry as it is kept or sent, decoded; everything wrong with it is told at once. */
final class EntryReader
{
    /**
     * @param  array<array-key, mixed>  $data  the keys of Entry::jsonSerialize; `kind` null or missing for something to store
     *
     * @throws DocumentRejected holding every problem found
     */
    public static function read(array $data): Entry
    {
        /** @var \ArrayObject<int, Problem> $problems */
        $problems = new \ArrayObject;
        $node = new Node($data, '', $problems);
        $kind = $node->at('kind')->optionalOf(BoughtKind::class);
        $size = fn (string $key): ?Length => $node->at($key)->optionalLength(Length::fromMillimetres(1), Length::fromMillimetres(3_000));
        [$width, $depth, $height] = [$size('width'), $size('depth'), $size('height')];
        foreach ($kind === null ? ['width' => $width, 'depth' => $depth, 'height' => $height] : [] as $key => $given) {
            if ($given === null) {
                $node->at($key)->wrong(Text::of('document.length_expected'));
            }
        }
        $number = fn (string $key, float $most): float => $node->at($key)->isMissing() ? 0.0 : $node->at($key)->number(0.0, $most);
        $count = fn (string $key, int $least, int $most, int $usual): int => $node->at($key)->isMissing() ? $usual : $node->at($key)->count($least, $most);
        $entry = new Entry(
            $node->at('name')->text(),
            $kind, $width, $depth, $height,
            $number('kg', 500.0),
            $count('count', 1, 500, 1),
            $node->at('often')->optionalOf(HowOften::class) ?? HowOften::Weekly,
            ! $node->at('hazard')->isMissing() && $node->at('hazard')->flag(),
            $node->at('rating')->isMissing() ? null : $node->at('rating')->count(1, 5_000),
            $node->at('clearance')->optionalLength(Length::zero(), Length::fromMillimetres(500)),
            $node->at('fixes_to')->isMissing() ? 'nothing' : $node->at('fixes_to')->among(Entry::FIXES_TO),
            $count('watts', 0, 9_000, 0),
            $count('price_cents', 0, 10_000_000, 0),
            $node->at('note')->isMissing() || $node->at('note')->isEmptyText() ? '' : $node->at('note')->text(300),
        );
        $found = array_values($problems->getArrayCopy());
        if ($found !== []) {
            throw new DocumentRejected($found);
        }

        return $entry;
    }
}
