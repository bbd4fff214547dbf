import { Component, type CSSProperties, type ReactNode } from 'react';
import { catalogue } from '../words/i18n';

interface State {
  readonly broken: boolean;
}

/** Outermost: no theme and no fonts, since they may be what broke. */
export class RootGuard extends Component<{ children: ReactNode }, State> {
  override state: State = { broken: false };

  static getDerivedStateFromError(): State {
    return { broken: true };
  }

  override componentDidCatch(error: Error): void {
    console.error('the app stopped', error);
  }

  override render(): ReactNode {
    if (!this.state.broken) return this.props.children;
    return (
      <main role="alert" style={PAGE}>
        <h1 style={HEAD}>{catalogue.t('broken.app')}</h1>
        <p>{catalogue.t('broken.safe')}</p>
        <button type="button" style={BUTTON} onClick={() => globalThis.location.reload()}>
          {catalogue.t('broken.begin')}
        </button>
      </main>
    );
  }
}

const PAGE: CSSProperties = {
  minHeight: '100vh',
  boxSizing: 'border-box',
  padding: 24,
  background: '#F5EFE2',
  color: '#1D2B36',
  font: '17px/1.4 system-ui, sans-serif',
};
const HEAD: CSSProperties = { font: '600 25px/1.2 Georgia, serif' };
const BUTTON: CSSProperties = {
  minHeight: 48,
  padding: '8px 16px',
  border: 'none',
  borderRadius: 12,
  background: '#1D2B36',
  color: '#FFFBF1',
  font: 'inherit',
  fontWeight: 700,
};
