<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Finding\Subject;

/** What a finding or planned work is about: “Main 3”. */
final class SubjectName
{
    public static function of(Subject $subject): string
    {
        return Messages::text($subject->name);
    }
}
