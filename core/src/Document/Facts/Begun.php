<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Model\LaidPart;
use Incastro\Core\Document\Model\Layout;
use Incastro\Core\Document\Model\LeftOf;
use Incastro\Core\Document\Model\Saws;
use Incastro\Core\Document\Reading\CutReader;
use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A fact: a sheet was begun, laid as it was laid then. It stays so whatever the plan becomes. mm from the full sheet's corner. */
final readonly class Begun implements Fact
{
    /** Where it lay on another begun sheet, of which it was left. */
    public ?LeftOf $leftOf;

    /**
     * @param  string|null  $size  null for the material's own
     * @param  array{Length, Length, Length, Length}  $trims
     * @param  list<array{part: LaidPart, x: Length, y: Length, length: Length, width: Length, turned: bool}>  $parts
     * @param  Length|null  $kerf  and the saws, as they were then: they fix the order of its cuts
     * @param  Layout|null  $rest  how the others lay then: they stay so while that holds
     */
    public function __construct(
        public string $id,
        public string $material,
        public ?string $size,
        public Length $length,
        public Length $width,
        public array $trims,
        public array $parts,
        public ?string $at,
        public ?Length $kerf = null,
        public ?Saws $saws = null,
        public ?Layout $rest = null,
    ) {
        $this->leftOf = $size === null ? null : LeftOf::read($size);
    }

    public static function read(Node $node, string $id, ?string $at): self
    {
        $most = Length::fromMillimetres(20_000);
        $length = fn (Node $n, string $key): Length => $n->at($key)->length(Length::zero(), $most);
        $trim = fn (string $key): Length => $node->at('trims')->at($key)->optionalLength(Length::zero(), $most) ?? Length::zero();
        $parts = array_values($node->at('parts')->byKey(fn (Node $p): array => [
            'part' => LaidPart::read($p->at('part')->text(160)), 'x' => $length($p, 'x'),
            'y' => $length($p, 'y'), 'length' => $length($p, 'length'), 'width' => $length($p, 'width'),
            'turned' => ! $p->at('turned')->isMissing() && $p->at('turned')->flag(),
        ]));
        if ($parts === []) {
            $node->at('parts')->wrong(Text::of('document.begun_empty'));
        }

        return new self($id, $node->at('material')->text(26), $node->at('size')->isMissing() ? null : $node->at('size')->text(60),
            $length($node, 'length'), $length($node, 'width'),
            [$trim('0'), $trim('1'), $trim('2'), $trim('3')], $parts, $at,
            $node->at('kerf')->optionalLength(Length::zero(), Length::fromMillimetres(10)),
            $node->at('saws')->isMissing() ? null : CutReader::saws($node->at('saws')),
            $node->at('rest')->isMissing() ? null : CutReader::layout($node->at('rest'), $node->at('material')->text(26)));
    }
}
