@extends('layouts.house')
@use('App\Words\Labels')
@section('body')
<div class="page">
    <nav aria-label="Stages of the job">
        <ol class="thumb">
            @foreach($tabs ?? \App\Http\ThumbTab::all($file) as $tab)
                @continue($tab->stage === \App\Storage\Stage::Plan && ! auth()->user()->can('see-prices'))
                @continue(! \App\WholeEngines\PracticeHouse::shows($tab->stage))
                <li @if($tab->stage === $stage) class="current" @endif>
                    <a
                        href="/jobs/{{ $file->job->tag() }}/{{ $tab->stage->value }}" @if($tab->stage === $stage) aria-current="page"
                        @endif><em>{{ $tab->stage->number() }}</em><span>{{ Labels::code($tab->stage) }}</span>@if($tab->isDone)<i
                                aria-label="done">✓</i>@endif</a>
                @if($tab->stage === $stage && isset($sheet) && $stage->hasSheets())
                <ol class="sheets">
                    @foreach(\App\Sheet\SheetTabs::all($file, $sheet ?? null) as $one)
                        <li>
                            <a href="{{ $one->address }}" @if($one->isCurrent) aria-current="true" @endif><span>{{ $one->title }}</span><em
                                    class="short" aria-hidden="true">{{ $one->short }}</em></a>
                        </li>
                    @endforeach
                </ol>
                @endif
            </li>
            @endforeach
        </ol>
    </nav>
    <main class="sheet" id="sheet" @yield('sheet-data')>
        <div class="head">
            @if(\App\WholeEngines\PracticeHouse::isHere())
            <h1>@yield('heading')</h1>
            <span>{{ $file->sheet->name }} · {{ $file->job->description }}</span>
            @else
            <a class="tag" href="/jobs/{{ $file->job->tag() }}/history" title="The job’s history">{{ $file->job->tag() }}</a>
            <h1>@yield('heading')</h1>
            <span>{{ $file->sheet->name }}@if($file->job->description !== '') · {{ $file->job->description }}@endif ·
                {{ $file->job->serial }}</span>
            @endif
            @if(in_array($stage, [
                \App\Storage\Stage::Measure, \App\Storage\Stage::Judge,
                \App\Storage\Stage::Plan, \App\Storage\Stage::Verify], true)
                && ! request()->routeIs('offers', 'running'))
            <form method="post" action="/shown" class="unit-switch no-print" aria-label="Show lengths in">@csrf
                @foreach(\NorthLedger\Core\Quantity\LengthUnit::cases() as $unit)<button
                        name="unit" value="{{ $unit->value }}" aria-pressed="{{ $file->display->unit() === $unit ? 'true' : 'false' }}">
                        {{ $unit->value }}
                    </button>@endforeach
            </form>
            @endif
        </div>
        @if(session('note'))<p class="note" role="status">{{ session('note') }}</p>@endif
        @yield('sheet')
    </main>
    <aside class="margin" aria-label="Margin: verdict, reasons, what next">@yield('margin')</aside>
</div>
@endsection
