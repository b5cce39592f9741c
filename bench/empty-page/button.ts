import { Component } from '@angular/core';
import { NzButtonComponent } from 'ng-zorro-antd/button';
import { start } from './start';

/** The same with one button of NG-ZORRO: what a page of that library takes before it is anything. */
@Component({ selector: 'app-root', imports: [NzButtonComponent], template: '<button nz-button class="there">there</button>' })
class ButtonPage {}

start(ButtonPage);
