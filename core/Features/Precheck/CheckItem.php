<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Message;

/** One line of the checklist, with the reason why it is looked at. */
final readonly class CheckItem
{
    private const NOTED = ['face', 'datum', 'plugs', 'jacket', 'overheated'];

    public function __construct(
        public string $key,
        public CheckGroup $group,
        public Message $title,
        public Message $reason,
        public EnginePart $part,
        public AnswerKind $kind = AnswerKind::FineOrFinding,
    ) {
    }

    /** What it means for the part where something was found: dirt and a sign of heat lead to other checks, the rest to machining. */
    public function remedy(): Remedy
    {
        [$kind] = explode('.', $this->key);

        return in_array($kind, self::NOTED, true) ? Remedy::Nothing : Remedy::Machine;
    }

    /** What was found, before its place and remark. */
    public function finding(): Message
    {
        return in_array($this->group, [CheckGroup::Looks, CheckGroup::Housings], true) && $this->key !== 'caps'
            ? $this->title
            : new Message('precheck.not_as_it_should_be', ['what' => $this->title]);
    }
}
