@if($part->out !== [])
<h3>{{ __('verify.out_of_limits') }}</h3>
<ul>
    @foreach($part->out as $line)
        <li class="line out">
            @if($line['who'] !== '')<b>{{ $line['who'] }}.</b> @endif{{ $line['sentence'] }}<span
                class="rule-id">{{ $line['rule'] }}@if($line['places'] !== '') · {{ $line['places'] }}@endif</span>
        </li>
    @endforeach
</ul>
@endif
@if($part->open !== [])
<h3>{{ __('verify.still_open') }}</h3>
<ul>@foreach($part->open as $line)<li class="line missing">{{ $line }}</li>@endforeach</ul>
@endif
