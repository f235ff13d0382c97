{{-- What else of the finished work is open, a link each. --}}
@foreach(array_filter($file->work()->verification()->openSections(), fn ($one) => $one !== $sheet->section) as $other)
<p class="line missing">
    <a
        href="/jobs/{{ $file->job->tag() }}/{{ \App\Storage\SheetName::of($other, \NorthLedger\Core\Inspection\Occasion::Final)->path() }}">
            {{ __('verify.other_open', ['section' => \App\Words\SectionName::of($other)]) }}</a>
</p>
@endforeach
