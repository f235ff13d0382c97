@extends('layouts.house')
@section('title', 'New revision of '.$page->sheet->name)
@section('body')
<div class="page wide"><main class="sheet" id="sheet">
    <div class="head"><h1>{{ $page->sheet->name }}</h1><span>new revision after {{ $page->sheet->revision }}; lengths in {{ $page->sheet->unit->value }} where nothing else is written</span></div>
    @if($faults !== [])<div class="note bad" role="alert"><b>Nothing was stored. {{ count($faults) === 1 ? 'One value does' : count($faults).' values do' }} not fit:</b><ul>@foreach($faults as $fault)<li>▲ {{ $fault->sentence() }}</li>@endforeach</ul></div>@endif
    <form method="post" action="/specs/{{ $page->sheet->family }}">@csrf
    <div class="spec-columns">
    @foreach($page->sections as $title => $lines)<section><h2>{{ $title }}</h2>@foreach($lines as $line)<div class="spec-field"><label for="value-{{ $loop->parent->index }}-{{ $loop->index }}">{{ $line['label'] }}</label><input id="value-{{ $loop->parent->index }}-{{ $loop->index }}" name="value[{{ $line['path'] }}]" value="{{ $line['value'] }}" maxlength="200" autocomplete="off" class="{{ in_array($line['path'], array_column($faults, 'path'), true) ? 'wrong' : '' }}"></div>@endforeach</section>@endforeach
    </div>
    <div class="inline-fields"><div class="field grow"><label for="reason">What changed, and where the numbers come from</label><input id="reason" name="reason" value="{{ request()->input('reason', old('reason')) }}" maxlength="200" required><x-field-error name="reason" /></div><button class="button">Keep as a new revision</button><a class="button plain" href="/specs/{{ $page->sheet->family }}">Cancel</a></div>
    <p class="soft">To add or take away whole lines, like a thread or a crack-prone place, take the sheet out as JSON, change it, and read it in again.</p>
    </form>
</main></div>
@endsection
