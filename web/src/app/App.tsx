import { Navigate, Route, Routes } from "react-router";
import { ComposePage } from "../compose/ComposePage";
import { DeliverPage } from "../deliver/DeliverPage";
import { CopyPage } from "../frame/CopyPage";
import { FramePage } from "../frame/FramePage";
import { NewOverlayPage } from "../frame/NewOverlayPage";
import { PhotographsPage } from "../photographs/PhotographsPage";
import { RosterPage } from "../roster/RosterPage";
import { ProofPage } from "../proof/ProofPage";
import { StartPage } from "../start/StartPage";
import { BeforeAndAfterDialog } from "../housePage/BeforeAndAfter";
import { HousePage } from "../housePage/HousePage";
import { Said } from "../ui/Said";
import { OverlayShell } from "./OverlayShell";

export function App() {
  return (
    <>
      <Routes>
        <Route path="/" element={<StartPage />} />
        <Route path="/packages/:packageId/new" element={<NewOverlayPage />} />
        <Route path="/packages/:packageId/house" element={<HousePage />} />
        <Route path="/overlays/:overlayId/copy" element={<CopyPage />} />
        <Route path="/overlays/:overlayId" element={<OverlayShell />}>
          <Route index element={<Navigate to="compose" replace />} />
          <Route path="frame" element={<FramePage />} />
          <Route path="compose" element={<ComposePage />} />
          <Route path="proof" element={<ProofPage />} />
          <Route path="deliver" element={<DeliverPage />} />
          <Route path="roster" element={<RosterPage />} />
          <Route path="photographs" element={<PhotographsPage />} />
        </Route>
        <Route path="*" element={<Navigate to="/" replace />} />
      </Routes>
      <BeforeAndAfterDialog />
      <Said />
    </>
  );
}
